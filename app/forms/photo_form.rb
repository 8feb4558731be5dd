# frozen_string_literal: true

require "json"

module Forms
  # What was marked on a photo: a reference or four corners, lines to read, an
  # outline walked round. Places are pixels of the photo.
  class PhotoForm < Base
    MOST_LINES = 24

    # @param photo [Hash] width and height of the picture, pixels
    def initialize(typed, photo:, unit: "mm")
      @photo = photo
      super(typed, unit: unit)
    end

    # what was kept, as if it had just been typed
    # @param photo [Hash] a piece's  @param writer [UpClose::Measure::LengthWriter]
    def self.kept(photo, writer)
      length, (width, height) = photo["length_mm"], photo["rect_mm"]
      new({
        "mode" => photo["mode"],
        "marked" => JSON.generate(photo.slice("reference", "corners", "lines", "trace")),
        "length" => length && writer.field(length),
        "rect_width" => width && writer.field(width),
        "rect_height" => height && writer.field(height)
      }, photo: photo, unit: writer.unit)
    end

    # @return [UpClose::Measure::PhotoScale::Straight, UpClose::Measure::PhotoScale::Straightened, nil]
    def scale
      @scale ||= corners? ? UpClose::Measure::PhotoScale.from_corners(
        values[:corners],
        values[:rect_width],
        values[:rect_height]
      ) : UpClose::Measure::PhotoScale.from_reference(values[:reference], values[:length])
    rescue UpClose::Error => error
      refuse(error, :length)
      nil
    end

    def corners? = values[:mode] == "corners"

    # as it is kept with the piece
    def to_keep
      {
        "mode" => values[:mode],
        "reference" => values[:reference].map(&:to_a),
        "corners" => values[:corners].map(&:to_a),
        "lines" => values[:lines].map { |l| l.map(&:to_a) },
        "trace" => values[:trace].map(&:to_a),
        "length_mm" => values[:length],
        "rect_mm" => [values[:rect_width], values[:rect_height]]
      }
    end

    private

    def read
      choice(:mode, %w[reference corners], fallback: "reference")
      marked = JSON.parse(typed(:marked).to_s)
      values[:reference] = places(marked["reference"], 2)
      values[:corners] = places(marked["corners"], 4)
      values[:lines] = Array(marked["lines"]).first(MOST_LINES).map { |line| places(line, 2) }
      values[:trace] = Array(marked["trace"]).first(UpClose::Geometry::Ring::MOST_POINTS).map { |p| place(p) }
      (values[:mode] == "corners") ? %i[rect_width rect_height].each { |name| length(name) } : length(:length)
    rescue JSON::ParserError, TypeError, NoMethodError, ArgumentError
      errors[:marked] = "The places on the photo did not come through. Load the page again."
    end

    def places(list, count)
      raise ArgumentError unless list.is_a?(Array) && list.size == count
      list.map { |p| place(p) }
    end

    def place(pair)
      x, y = pair.map { |v| Float(v) }
      UpClose::Geometry::Point[x.clamp(0, @photo["width"]), y.clamp(0, @photo["height"])]
    end
  end
end
