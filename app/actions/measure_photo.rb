# frozen_string_literal: true

module Actions
  # A photo of a piece: taken in, marked, and used as its outline.
  module MeasurePhoto
    module_function

    # @param bytes [String]
    # @raise [UpClose::Errors::BadArtwork]
    def take(piece, bytes)
      width, height = Workers.call(Shelves::OutsidePicture.new(bytes), :size)
      name = Shelves::OriginalStore.new(Settings.originals).put(bytes)
      pixels = ->(*pairs) { pairs.map { |x, y| [width * x, height * y] } }
      photo = {
        "original" => name,
        "width" => width,
        "height" => height,
        "mode" => "reference",
        "reference" => pixels[[0.3, 0.85], [0.7, 0.85]],
        "length_mm" => nil,
        "corners" => pixels[[0.25, 0.25], [0.75, 0.25], [0.75, 0.75], [0.25, 0.75]],
        "rect_mm" => [nil, nil],
        "lines" => [pixels[[0.3, 0.5], [0.7, 0.5]]],
        "trace" => []
      }
      piece.change(photo: photo)
    end

    # keeps what was marked
    # @param form [Forms::PhotoForm]
    def mark(piece, form)
      return false unless form.ok?
      piece.change(photo: piece.photo.merge(form.to_keep))
      true
    end

    # the traced outline becomes the piece's shape
    # @return [UpClose::Error, nil]
    def use_outline(piece, form)
      scale = form.scale or return
      points = form.values[:trace].map { |p| scale.place(p) }
      shape = UpClose::Surfaces.build("free-polygon", {points: points.map(&:to_a)})
      ApplicationRecord.change do
        piece.change(
          shape: "free-polygon",
          measures: shape.measures,
          photo: laid(piece, form, UpClose::Geometry::Box.around(points).centre)
        )
      end
      piece.reload
      nil
    rescue UpClose::Error => error
      error
    end

    # the straightened picture lies under the piece, the rectangle's middle on the piece's
    # @return [UpClose::Error, nil]
    def use_backdrop(piece, form)
      unless form.corners?
        return UpClose::Errors::BadShape.new(
          "One length does not correct the tilt, so there is no background picture yet.",
          remedy: "Mark the four corners of a rectangle.",
          field: :mode
        )
      end
      middle = UpClose::Geometry::Point[form.values[:rect_width] / 2, form.values[:rect_height] / 2]
      piece.change(photo: laid(piece, form, middle))
      nil
    end

    # side of the place of white paper that is looked at round a click, mm
    WHITE_MM = 6.0

    # white paper in the photo, from the piece's middle; nil: the colour typed counts again
    # @param place [Array(Float, Float)]
    def white(piece, place)
      x, y = place
      kept = (x && y) ? [x - WHITE_MM / 2, y - WHITE_MM / 2, WHITE_MM, WHITE_MM] : nil
      piece.change(photo: piece.photo.merge("white_mm" => kept))
    end

    # a later change of the marks moves nothing that has been laid
    # @param middle [UpClose::Geometry::Point] of the piece, on the photo's plane
    def laid(piece, form, middle)
      kept = piece.photo.merge(form.to_keep)
      kept.merge("laid" => kept.slice("mode", "corners", "rect_mm", "trace").merge("origin" => middle.to_a))
    end
  end
end
