# frozen_string_literal: true

module UpClose
  module Boards
    module Excellon
      # Reads drill files (XNC and the older dialects of it): tools, holes, slots, routes. IPC-NC-349 names the codes.
      class Reader
        MOST_BYTES = 10_000_000
        MOST_HOLES = 60_000
        PLACE = /([XYIJAR])([+-]?[\d.]+)/
        ROUTES = {0 => :move, 1 => :line, 2 => :clockwise, 3 => :anticlockwise}.freeze
        # pattern repeats and canned circles: nobody writes them today
        REFUSED = /\A(?:M0[128]|M25|G3[2-7])/

        # @param text [String]  @return [Boolean] whether it looks like one
        def self.reads?(text) = text.byteslice(0, 20_000).scrub.match?(/^M48\b|^T\d+[FS\d.]*C[\d.]+/)

        # @param text [String]  @return [Array<Hole>]
        # @raise [Errors::BadBoard] with the line
        def self.call(text) = new.call(text)

        def initialize
          @format, @holes, @tools = NumberFormat.new, [], {}
          @x = @y = 0.0
        end

        # @param text [String]  @return [Array<Hole>]
        # @raise [Errors::BadBoard]
        def call(text)
          raise Errors::BadBoard.new("This file is over 10 MB.") if text.bytesize > MOST_BYTES
          text.scrub.each_line.with_index(1) do |line, number|
            break if @ended
            Gerber::Reader.at_line(number) { one(line.strip) }
          end
          finish_route
          @holes
        end

        private

        def one(line)
          return comment(line) if line.start_with?(";")
          return if line.empty? || line == "%"
          return @format.read(line) if line.match?(/\A(?:METRIC|INCH|M71|M72)/)
          return @ended = true if line.match?(/\AM(?:30|00)\b/)
          return tool(line) if line.start_with?("T")
          raise Errors::BadBoard.new("The command #{line[0, 12]} is not read here.") if REFUSED.match?(line)
          command(line)
        end

        def comment(line)
          @format.read(line)
          kind = line.match(/TYPE=(NON_)?PLATED|(NPTH|NonPlated)|,(PTH|Plated),/i) or return
          @plated = !(kind[1] || kind[2])
        end

        def tool(line)
          match = line.match(/\AT0*(\d+)(?:.*?C([\d.]+))?/) or return
          number = match[1].to_i
          if match[2]
            size = match[2].include?(".") ? Figure.of(match[2]) * @format.unit_mm : @format.mm(match[2])
            @tools[number] = [size, @plated]
          end
          finish_route
          @tool = @tools[number]
          raise Errors::BadBoard.new("Tool T#{number} is not defined.") if @tool.nil? && number.positive?
        end

        def command(line)
          case line
          when /\AG85/, /\A[XYR].*G85/ then slot(line)
          when /\AG0?5\b/ then finish_route(@routing = false)
          when /\AG91/, /\AICI,ON/ then @incremental = true
          when /\AG90/, /\AICI,OFF/ then @incremental = false
          when /\AG93/ then @origin = place(line)
          when /\AM15/ then @down = true
          when /\AM1[67]/ then finish_route(@down = false)
          when /\AR(\d+)/ then repeat($1.to_i, line)
          when /\AG0*([0-3])(?=\D|\z)/ then route(ROUTES.fetch($1.to_i), line)
          when /\A[XY]/ then @routing ? route(@motion, line) : hole(place(line))
          end
        end

        # @return [Array(Float, Float)] mm, y upwards
        def place(line)
          given = line.scan(PLACE).to_h
          x, y = %w[X Y].map { |letter| given[letter] && @format.mm(given[letter]) }
          return [@x + (x || 0), @y + (y || 0)] if @incremental
          [x ? x + (@origin&.first || 0) : @x, y ? y + (@origin&.last || 0) : @y]
        end

        def hole(point)
          keep([point])
          @x, @y = point
        end

        def repeat(times, line)
          raise Errors::BadBoard.new("A hole is repeated over 10,000 times.") if times > 10_000
          step = line.scan(PLACE).to_h.slice("X", "Y").transform_values { |text| @format.mm(text) }
          times.times { hole([@x + step.fetch("X", 0), @y + step.fetch("Y", 0)]) }
        end

        def slot(line)
          first, last = line.split("G85", 2)
          @x, @y = place(first) unless first.empty?
          ended = place(last)
          keep([[@x, @y], ended])
          @x, @y = ended
        end

        def route(motion, line)
          @routing = true
          @motion = motion
          to = place(line)
          if motion == :move
            finish_route
          else
            (@route ||= [[@x, @y]]).concat(along(motion, to, line))
          end
          @x, @y = to
        end

        def along(motion, to, line)
          return [to] if motion == :line
          given = line.scan(PLACE).to_h.transform_values { |text| @format.mm(text) }
          offset = given["A"] ? centre(to, given["A"], motion) : [given.fetch("I", 0.0), given.fetch("J", 0.0)]
          Gerber::Arc.new([@x, @y], to, offset, clockwise: motion == :clockwise, single: false).points
        end

        # from a radius: the shorter of both arcs
        def centre(to, radius, motion)
          dx, dy = to[0] - @x, to[1] - @y
          half = Math.hypot(dx, dy) / 2
          if half > radius + Tolerance::SLIGHT || half.zero?
            raise Errors::BadBoard.new("An arc's radius is too small for its ends.")
          end
          far = Math.sqrt([radius**2 - half**2, 0].max) / (2 * half)
          far = -far if motion == :clockwise
          [dx / 2 - dy * far, dy / 2 + dx * far]
        end

        def finish_route(*)
          keep(@route) if @route
          @route = nil
        end

        def keep(places)
          size, plated = @tool || raise(Errors::BadBoard.new("A hole is drilled, and no tool is chosen."))
          raise Errors::BadBoard.new("This file drills over 60,000 holes.") if @holes.size >= MOST_HOLES
          @holes << Hole.new(size, places.map { |x, y| Geometry::Point[x, -y] }, plated)
        end
      end
    end
  end
end
