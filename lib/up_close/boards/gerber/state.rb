# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # The graphics state (2.3): what a command finds set.
      class State
        attr_accessor :x, :y, :format, :unit_mm, :aperture, :interpolation, :single_quadrant, :dark, :operation,
          :mirror, :turn_deg, :scale, :attributes, :image_map

        def initialize
          @x = @y = 0.0
          @interpolation = 1
          @single_quadrant = false
          @dark = true
          @mirror, @turn_deg, @scale = [1, 1], 0.0, 1.0
          @attributes = {}
          @image_map = Geometry::Transform::IDENTITY
        end

        # aperture transformations: mirrored, then turned, then scaled (4.9)
        # @return [Geometry::Transform]
        def map
          Geometry::Transform.scale(*mirror).then(Geometry::Transform.turn(turn_deg))
            .then(Geometry::Transform.scale(scale))
        end

        def plain? = mirror == [1, 1] && turn_deg.zero? && (scale - 1.0).zero?

        # @param digits [Hash{String => String}] by letter  @return [Array(Float, Float)] where X and Y lead, mm
        def target(digits)
          ready = coordinates
          x_mm = digits["X"] && ready.mm(digits["X"])
          y_mm = digits["Y"] && ready.mm(digits["Y"])
          return [x + (x_mm || 0), y + (y_mm || 0)] if ready.incremental
          [x_mm || x, y_mm || y]
        end

        # @return [Array(Float, Float)] I and J, mm
        def offset(digits) = %w[I J].map { |letter| digits[letter] ? coordinates.mm(digits[letter]) : 0.0 }

        def unit! = unit_mm || raise(Errors::BadBoard.new("The unit (mm or inch) is missing: no %MO command."))

        private

        def coordinates
          @coordinates ||= begin
            format or raise Errors::BadBoard.new("How coordinates are written is missing: no %FS command.")
            format.in_unit(unit!)
          end
        end
      end
    end
  end
end
