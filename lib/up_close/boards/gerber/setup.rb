# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # Carries out the extended commands: formats, apertures, polarity, blocks, steps, attributes (4.1 – 4.11, 8.1).
      class Setup
        MOST_STEPS = 10_000

        # @param plotter [Plotter]
        def initialize(plotter)
          @plotter = plotter
          @state = plotter.state
          @macros = {}
        end

        # @param words [Array<String>] between two %
        # @raise [Errors::BadBoard]
        def call(words)
          return @macros[words.first[2..]] = Macro.new(words.drop(1)) if words.first.to_s.start_with?("AM")
          words.each { |word| one(word[0, 2], word[2..].to_s, word) }
        end

        private

        def one(name, rest, word)
          case name
          when "FS" then @state.format = NumberFormat.read(word, @state.unit_mm)
          when "MO" then unit(rest)
          when "AD" then aperture(rest)
          when "AB" then block(rest)
          when "LP" then @state.dark = rest != "C"
          when "LM", "LR", "LS" then transformation(name, rest)
          when "SR" then step(rest)
          when "TF" then attribute(rest)
          when "IP" then raise Errors::BadBoard.new("The whole image is negative (IPNEG).") if rest == "NEG"
          when "AS", "IR", "MI", "OF", "SF" then image(name, rest)
          end
        end

        def unit(name)
          @state.unit_mm = {"MM" => 1.0, "IN" => Measure::Length::INCH_MM}.fetch(name) do
            raise Errors::BadBoard.new("The unit #{name[0, 8]} is not known.")
          end
        end

        def aperture(text)
          match = text.match(/\AD0*(\d+)([^,]+),?(.*)\z/) or
            raise Errors::BadBoard.new("An aperture cannot be read: AD#{text[0, 30]}.")
          name, numbers = match[2], match[3].split(/[Xx]/).map(&:to_f)
          check_size(name, numbers, text)
          @plotter.apertures[match[1].to_i] = made(name, numbers)
          @plotter.forget
        end

        def check_size(name, numbers, text)
          numbers.each { |number| Figure.checked(number, text) }
          return unless Aperture::STANDARD.include?(name) && numbers.first.to_f.negative?
          raise Errors::BadBoard.new("An aperture is smaller than nothing: AD#{text[0, 30]}.")
        end

        def made(name, numbers)
          return Aperture.standard(name, numbers, @state.unit!) if Aperture::STANDARD.include?(name)
          macro = @macros[name] or raise Errors::BadBoard.new("The aperture macro #{name[0, 30]} is not defined.")
          Aperture.new(macro.polygons(numbers, @state.unit!))
        end

        def block(text)
          return @plotter.canvases << Canvas.new.tap { |canvas| @opened = canvas } && remember(text) unless text.empty?
          raise Errors::BadBoard.new("An aperture block ends that never began.") unless @blocks&.any?
          raise Errors::BadBoard.new("A block ends inside a step and repeat.") if stepping?
          @plotter.apertures[@blocks.pop] = @plotter.canvases.pop
        end

        def remember(text) = (@blocks ||= []) << text.delete("^0-9").to_i

        def transformation(name, rest)
          case name
          when "LM" then @state.mirror = [rest.include?("X") ? -1 : 1, rest.include?("Y") ? -1 : 1]
          when "LR" then @state.turn_deg = Figure.of(rest)
          when "LS" then @state.scale = Figure.of(rest)
          end
          @plotter.forget
        end

        def step(text)
          close_step
          match = text.match(/\AX(\d+)Y(\d+)I([\d.+-]+)J([\d.+-]+)/) or return
          columns, rows = match[1].to_i, match[2].to_i
          raise Errors::BadBoard.new("A step and repeat has over 10,000 copies.") if columns * rows > MOST_STEPS
          @stepped = Canvas.new
          @step = [columns, rows, Figure.of(match[3]) * @state.unit!, Figure.of(match[4]) * @state.unit!]
          @plotter.canvases << @stepped
        end

        # what is drawn now is to be stepped
        def stepping? = !@step.nil? && @plotter.canvas.equal?(@stepped)

        # also at the end of the file
        def close_step
          return unless @step
          raise Errors::BadBoard.new("A step and repeat ends inside a block.") unless stepping?
          canvas = @plotter.canvases.pop
          canvas.step_on(@plotter.canvas, *@step)
          @step = nil
        end
        public :close_step

        def attribute(text)
          name, *values = text.delete_prefix(".").split(",")
          @state.attributes[name] = values if name
        end

        # what older files do to the image as a whole
        def image(name, rest)
          a, b = rest.scan(/[AB]([\d.+-]+)/).flatten.map { |text| Figure.of(text) }
          map = case name
          when "IR" then Geometry::Transform.turn(Figure.of(rest))
          when "MI" then Geometry::Transform.scale(a.to_f.zero? ? 1 : -1, b.to_f.zero? ? 1 : -1)
          when "OF" then Geometry::Transform.move((a || 0) * @state.unit!, (b || 0) * @state.unit!)
          when "SF" then Geometry::Transform.scale(a || 1, b || 1)
          when "AS" then (rest == "AYBX") ? Geometry::Transform.new(0, 1, 1, 0, 0, 0) : Geometry::Transform::IDENTITY
          end
          @state.image_map = @state.image_map.then(map)
        end
      end
    end
  end
end
