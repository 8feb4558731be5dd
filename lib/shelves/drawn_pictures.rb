# frozen_string_literal: true

module Shelves
  # Pictures of what a mark prints, for pages: DrawnArtwork's own.
  module DrawnPictures
    # pages show an ink this large at most, pixels
    SHOWN_PX = 1600
    # and a look on the piece, which need not be fine
    LOOK_PX = 640
    # and small ones to choose by
    WHITE_PX = 420.0
    # and what a step of preparing does
    STEP_PX = 360.0

    # @param film [Symbol]  @param wanted [Boolean] as drawn, not as it will look
    # @param worn [Boolean] half of the ink, with gaps
    # @return [Array(String, Float)] PNG, and its margin in pixels
    def look(width_mm, surface, film, wanted: false, worn: false)
      Workers.drawing("drawing")
      per_mm = LOOK_PX / [width_mm, width_mm * artwork.ink.aspect].max
      proof = UpClose::Artwork::SizedRaster.new(artwork, width_mm: width_mm, per_mm: per_mm)
      look = UpClose::Artwork::PredictedLook.new(
        proof,
        surface: surface,
        film: film,
        most_px: LOOK_PX + 2 * UpClose::Artwork::SizedRaster::MARGIN
      )
      shown = worn ? look.worn : look.predicted
      [(wanted ? look.wanted : shown).pngsave_buffer(compression: 3), look.margin]
    end

    # @param way [String] key of a UpClose::Artwork::WaysWithWhite::Way  @return [String] PNG
    def white_png(width_mm, surface, way)
      Workers.drawing("drawing")
      per_mm = WHITE_PX / [width_mm, width_mm * artwork.ink.aspect].max
      proof = UpClose::Artwork::SizedRaster.new(artwork, width_mm: width_mm, per_mm: per_mm)
      UpClose::Artwork::WhiteLook.new(proof, surface: surface).picture(way).pngsave_buffer(compression: 3)
    end

    # @return [String] PNG of what really comes over, for the loupe
    def impression_png(about, printer)
      UpClose::Artwork::LoupeImage.new(subject(about), printer: printer).image.pngsave_buffer(compression: 1)
    end

    # @return [String] a small PNG of the ink's own box, to see what preparing did to it
    def step_png
      Workers.drawing("drawing")
      per_mm = STEP_PX / (WIDE_MM * [1.0, artwork.ink.aspect].max)
      UpClose::Artwork::SizedRaster.new(artwork, width_mm: WIDE_MM, per_mm: per_mm).image.pngsave_buffer(compression: 3)
    end

    # of a picture that is only shown: any width does
    WIDE_MM = 100.0
    private_constant :WIDE_MM

    # @param copy [Integer, nil] of a set, which
    # @return [String] the ink's own box fills the view
    def ink_svg(copy = nil)
      drawing = (copy && whole.respond_to?(:drawing_of)) ? whole.drawing_of(copy) : artwork
      view = whole.ink.box.to_a.join(" ")
      painted = UpClose::Formats::SVG::Painting.call(drawing)
      %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="#{view}">#{painted}</svg>)
    end

    # @return [String]
    def ink_png
      Workers.drawing("drawing")
      image = Vips::Image.new_from_buffer(artwork.print_png, "")
      shrink = SHOWN_PX / [image.width, image.height].max.to_f
      ((shrink < 1) ? image.resize(shrink) : image).pngsave_buffer(compression: 3)
    end
  end
end
