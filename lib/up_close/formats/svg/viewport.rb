# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # How a view box is fitted into the room that is given to it (SVG 1.1, 7.8). Frozen.
      class Viewport
        MIDDLES = {"min" => 0.0, "mid" => 0.5, "max" => 1.0}.freeze

        attr_reader :width, :height, :view

        # @param width [Float]  @param height [Float] of the room
        # @param view [Array<Float>, nil] x, y, width, height of the view box; nil when there is none
        # @param fit [String, nil] preserveAspectRatio
        def initialize(width:, height:, view: nil, fit: nil)
          @width, @height, @fit = width, height, fit.to_s.strip
          if view&.size == 4 && view[2] > 0 && view[3] > 0 && view.all? { |number| number.abs < Lengths::MOST }
            @view = view
          end
          freeze
        end

        # @return [Geometry::Transform] view box to room
        def map
          return Geometry::Transform::IDENTITY unless view
          across, down = scales
          left, top = offsets(across, down)
          Geometry::Transform.new(across, 0, 0, down, left - view[0] * across, top - view[1] * down)
        end

        # @return [Geometry::Box] all of the room
        def room = Geometry::Box.new(x: 0, y: 0, width: width, height: height)

        private

        def scales
          across, down = width / view[2], height / view[3]
          return [across, down] if @fit.start_with?("none")
          [@fit.end_with?("slice") ? [across, down].max : [across, down].min] * 2
        end

        def offsets(across, down)
          return [0.0, 0.0] if @fit.start_with?("none")
          _, x, y = *@fit.match(/\Ax(Min|Mid|Max)Y(Min|Mid|Max)/i)
          [[x, width - view[2] * across], [y, height - view[3] * down]].map do |word, spare|
            MIDDLES.fetch(word.to_s.downcase, 0.5) * spare
          end
        end
      end
    end
  end
end
