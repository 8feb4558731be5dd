# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # Carries out the plain commands: moves, draws, flashes and regions (4.2, 4.7, 4.8, 4.10).
      class Plotter
        PART = /([GXYIJDMN])([+-]?[\d.]+)/
        # most commands of most files: a place, and what is done there
        PLACE = /\AX([+-]?\d+)Y([+-]?\d+)D0?([123])\z/
        COMMENT = /\AG0*4(?!\d)/

        attr_reader :state, :apertures, :canvases

        def initialize
          @state = State.new
          @apertures = {}
          @canvases = [Canvas.new]
          @mapped = {}
        end

        def canvas = canvases.last

        def ended? = @ended

        # @param word [String] one command
        # @raise [Errors::BadBoard]
        def call(word)
          match = PLACE.match(word) and return operate(match[3].to_i, {"X" => match[1], "Y" => match[2]})
          return comment(word) if COMMENT.match?(word)
          digits = {}
          word.scan(PART) { |letter, number| (letter == "G") ? general(number.to_i) : digits[letter] = number }
          return @ended = true if digits["M"] && digits["M"].to_i != 1
          chosen = digits["D"]&.to_i
          return choose(chosen) if chosen && chosen >= 10
          operate(chosen, digits) if chosen || (digits.keys & %w[X Y I J]).any?
        end

        # an aperture was defined anew, or the aperture transformations were changed
        def forget = @mapped.clear

        private

        # attributes as older files carry them
        def comment(word)
          match = word.match(/#@!\s*TF\.(\w+),?(.*)\z/) and state.attributes[match[1]] = match[2].split(",")
        end

        def general(code)
          case code
          when 1, 2, 3 then state.interpolation = code
          when 36 then open_region
          when 37 then close_region
          when 70 then state.unit_mm ||= Measure::Length::INCH_MM
          when 71 then state.unit_mm ||= 1.0
          when 74 then state.single_quadrant = true
          when 75 then state.single_quadrant = false
          end
        end

        def choose(code)
          state.aperture = apertures[code] or raise Errors::BadBoard.new("Aperture D#{code} is not defined.")
          @chosen = code
        end

        def operate(code, digits)
          state.operation = code || state.operation
          target = state.target(digits)
          case state.operation
          when 1 then draw(target, digits)
          when 2 then next_contour
          when 3 then flash(target)
          else raise Errors::BadBoard.new("A place is given, and nothing says what to do there (D01, D02 or D03).")
          end
          state.x, state.y = target
        end

        def draw(to, digits)
          path = path_to(to, digits)
          return (@contour ||= [state.x, state.y]).concat(path.flatten) if @region
          tool = tool!
          raise Errors::BadBoard.new("A line is drawn with a block: blocks are flashed (D03).") if tool.is_a?(Canvas)
          line = [state.x, state.y, *path.flatten]
          canvas.add(GraphicObject.new(state.dark, tool.stroke(line), line, tool.diameter || 0.0, :draw))
        end

        def path_to(to, digits)
          return [to] if state.interpolation == 1
          Arc.new(
            [state.x, state.y], to, state.offset(digits),
            clockwise: state.interpolation == 2, single: state.single_quadrant
          ).points
        end

        def flash(point)
          raise Errors::BadBoard.new("A flash stands inside a region.") if @region
          tool = tool!
          if tool.is_a?(Canvas)
            return tool.lay_on(canvas, state.map.then(Geometry::Transform.move(*point)), turned: !state.dark)
          end
          canvas.add(GraphicObject.new(state.dark, tool.flash(*point), nil, nil, :flash))
        end

        # the aperture as it is mirrored, turned and scaled now
        def tool!
          tool = state.aperture or raise Errors::BadBoard.new("Something is drawn, and no aperture is chosen.")
          return tool if state.plain? || tool.is_a?(Canvas)
          @mapped[@chosen] ||= tool.mapped(state.map)
        end

        def open_region
          @region = []
          @contour = nil
        end

        def next_contour
          @region << @contour if @region && @contour
          @contour = nil
        end

        def close_region
          return unless @region
          next_contour
          @region.select { |ring| ring.size >= 6 }.each do |ring|
            canvas.add(GraphicObject.new(state.dark, Assembly.contour(open_ring(ring)), nil, nil, :region))
          end
          @region = nil
        end

        def open_ring(ring) = (ring.first(2) == ring.last(2)) ? ring[0..-3] : ring
      end
    end
  end
end
