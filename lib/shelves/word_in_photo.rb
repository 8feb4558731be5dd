# frozen_string_literal: true

require "vips"
require "shelves/font_shelf"

module Shelves
  # A word in a photo: a value that a worker is sent, which lays letters over it there.
  WordInPhoto = Struct.new(:bytes, :scale, :box) do
    # fine enough for a tenth of a millimetre in a word of a hand's width
    def self.most_px = 900

    # @param font [String]  @param text [String]  @param pose [UpClose::Artwork::WordPose]  @param bent [Boolean]
    # @return [UpClose::Artwork::WordFit::Found]
    def fit(font, text, pose, bent)
      Workers.drawing("fitting")
      outline = UpClose::Artwork::WordOutline.new(FontShelf.fetch(font), text)
      per_mm = self.class.most_px / [box.width, box.height].max
      edges = UpClose::Artwork::WordEdges.new(
        grey(per_mm), per_mm: per_mm, corner: UpClose::Geometry::Point[box.x, box.y]
      )
      UpClose::Artwork::WordFit.new(outline, edges, bent: bent).call(pose)
    end

    private

    def grey(per_mm)
      photo = UpClose::Formats::PictureFile.new(bytes).image
      photo = photo.flatten(background: 255) if photo.has_alpha?
      image = scale.is_a?(Numeric) ? cropped(photo, per_mm) : straightened(photo)
      image.colourspace(:"b-w")[0].cast(:uchar)
    end

    def straightened(photo)
      UpClose::Artwork::StraightenedPhoto.call(
        photo.colourspace(:srgb).cast(:uchar), scale, box, most_px: self.class.most_px
      )
    end

    # by one length alone
    def cropped(photo, per_mm)
      left, top = (box.x / scale).round, (box.y / scale).round
      wide = [(box.width / scale).round, photo.width - left].min
      high = [(box.height / scale).round, photo.height - top].min
      photo.crop(left, top, wide, high).resize(per_mm * scale, kernel: :linear)
    end
  end
end
