# frozen_string_literal: true

require "shelves/font_shelf"
require "workers"

module Shelves
  # a font's name, which goes back to a page in the font's place
  FontName = Struct.new(:key, :name)

  # A photo, a scan or a crop that someone brought: a value that a worker is sent, and opens there.
  OutsidePicture = Struct.new(:bytes) do
    # @return [Array(Integer, Integer)] pixels
    # @raise [UpClose::Errors::BadArtwork]
    def size = photo.then { |image| [image.width, image.height] }

    # upright, no longer side than this, and nothing of what its file says but its picture
    # @return [String] JPEG
    def shown(most_px)
      Workers.drawing
      shrink = most_px / [photo.width, photo.height].max.to_f
      ((shrink < 1) ? photo.resize(shrink) : photo).jpegsave_buffer(Q: 88, strip: true)
    end

    # @param most_px [Integer] no side longer than this
    # @return [String] PNG
    def small(most_px) = Vips::Image.thumbnail_buffer(bytes, most_px).pngsave_buffer(compression: 3)

    # @return [String] PNG of the plane that was marked on it
    def straightened(scale, box, most_px)
      Workers.drawing
      UpClose::Artwork::StraightenedPhoto.call(photo, scale, box, most_px: most_px).pngsave_buffer(compression: 3)
    end

    # a scan of a page of crosses
    # @return [UpClose::Printing::Calibration]
    def calibration(dpi, page)
      Workers.drawing("measuring")
      UpClose::Printing::Calibrating::Scan.read(bytes, dpi: dpi, page: page).calibration
    end

    # a scan of a part-used sheet
    # @return [Hash] width_mm, height_mm, and the rings that are gone
    def remaining(dpi)
      Workers.drawing("measuring")
      left = UpClose::Sheets::Remaining.read(bytes, dpi: dpi)
      {width_mm: left.box.width, height_mm: left.box.height, used: left.used}
    end

    # the fonts here by their likeness to a word in it
    # @return [Array(Array<UpClose::Artwork::Likeness::Match>, Hash)] and the crop as a page shows it
    def likest(word, most, most_px)
      picture = opened
      Workers.drawing("comparing")
      matches = UpClose::Artwork::Likeness.new(picture, word)
        .ranked(FontShelf.names.keys.map { |key| FontShelf.fetch(key) })
        .first(most)
      matches = matches.map { |match| match.dup.tap { |own| own.face = FontName.new(own.face.key, own.face.name) } }
      [matches, crop(picture, most_px)]
    end

    private

    def opened
      picture = UpClose::Artwork::Opening.call(bytes, on_draw: -> { Workers.drawing })
      return picture unless picture.vector?
      raise UpClose::Errors::BadArtwork.new(
        "This is a drawing, not a photo.",
        remedy: "Choose a PNG or JPEG.",
        field: :photo
      )
    end

    def photo = @photo ||= opened.image

    # small enough to stand in the page itself
    def crop(picture, most_px)
      image = picture.image.crop(*picture.ink.box.to_a.map(&:to_i))
      scale = most_px / [image.width, image.height].max.to_f
      image = image.resize(scale) if scale < 1
      {
        href: "data:image/png;base64,#{[image.pngsave_buffer(compression: 6)].pack("m0")}",
        width: image.width,
        height: image.height
      }
    end
  end
end
