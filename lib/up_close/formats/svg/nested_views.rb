# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Drawings within the drawing, each with its own room and lengths: part of Reader.
      module NestedViews
        private

        # lengths in shares are of the view that is drawn in
        def within(view)
          was = [@lengths, @basic]
          wide, high = view.view ? view.view.last(2) : [view.width, view.height]
          @lengths = Lengths.new(wide, high)
          @basic = BasicShapes.new(@lengths)
          yield
        ensure
          @lengths, @basic = was
        end

        # a drawing within the drawing, or a symbol, in the room that it or its user gives it
        def inner(element, user, style, map, depth)
          map = moved(element).then(map) if element.name == "svg"
          view = Viewport.new(
            width: side("width", :across, user, element),
            height: side("height", :down, user, element),
            view: PathData.numbers(element.attributes["viewBox"]),
            fit: element.attributes["preserveAspectRatio"]
          )
          return if view.width <= 0 || view.height <= 0
          seen_within(view, map, style) do
            within(view) { element.elements.each { |child| walk(child, style, view.map.then(map), depth + 1) } }
          end
        end

        def side(name, direction, *elements)
          @lengths.read(elements.filter_map { |e| e.attributes[name] }.first || "100%", direction)
        end

        def seen_within(view, map, style)
          was = @seen
          @seen = Seen.new(view.room, map, was) unless @take_all || %w[visible auto].include?(style["overflow"])
          yield
        ensure
          @seen = was
        end
      end
    end
  end
end
