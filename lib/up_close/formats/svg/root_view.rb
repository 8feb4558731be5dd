# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # The drawing's own page: its true size, its room, its edge. Part of Reader.
      module RootView
        # a drawing that gives no size has none, px
        NO_EDGE = 1e6

        private

        # keeps the true size when the file gives one
        # @return [Viewport]
        def root_view(root)
          attributes = root.attributes
          box = PathData.numbers(attributes["viewBox"])
          width, height = %w[width height].map { |name| attributes[name] }
            .map { |length| Lengths.new.read(length) if length && !length.end_with?("%") }
          note_size(width, height, box)
          @mm_per_unit = 25.4 / 96 if Lengths.real?(attributes["width"]) || Lengths.real?(attributes["height"])
          wide, high = room(width, height, box)
          @root_view = Viewport.new(width: wide, height: high, view: box, fit: attributes["preserveAspectRatio"])
        end

        # a side that is not given is as the view box has it; a drawing with neither has no edge
        def room(width, height, box)
          return [width || NO_EDGE, height || NO_EDGE] unless box.size == 4 && box[2] > 0 && box[3] > 0
          width = height * box[2] / box[3] if height && width.nil?
          [width || box[2], height || (width || box[2]) * box[3] / box[2]]
        end

        def edged? = [@root_view.width, @root_view.height].max < NO_EDGE

        def note_size(width, height, box)
          return if width || height || box.size == 4
          @notes << "The drawing gives no size of its own; you set it when you place it."
        end
      end
    end
  end
end
