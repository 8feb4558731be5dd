# frozen_string_literal: true

module UpClose
  module Formats
    module DXF
      # All that a DXF draws, blocks put in where they are inserted, and what is on layers that are
      # off or frozen left out.
      class Drawn
        DEEPEST = 8
        MOST = 20_000
        MOST_ROWS = 200
        # beside these entities end blocks and lists, and draw nothing
        SILENT = %w[SEQEND ENDBLK ATTRIB ATTDEF VERTEX].freeze

        # entities that carry no outline, each with how often it stands there
        # @return [Hash{String => Integer}]
        attr_reader :left_out

        # how many lie on layers that are not shown
        attr_reader :hidden

        # splines drawn through their points alone
        def guessed = @shapes.guessed

        # @param pairs [Array<Array(Integer, String)>] group codes and values
        # @param scale [Float] mm a unit
        def initialize(pairs, scale)
          @pairs, @shapes = pairs, Entities.new(scale)
          @scale = scale
          @left_out, @hidden = Hash.new(0), 0
        end

        # @return [Array<Array<Geometry::Point>>] stretches, mm, y downwards
        def stretches
          @count = 0
          placed(gathered(records(section("ENTITIES"))), Geometry::Transform::IDENTITY, 0)
        end

        private

        def placed(entities, map, depth)
          entities.flat_map do |kind, codes|
            @count += 1
            return [] if @count > MOST
            next off if off?(codes)
            next inserted(codes, map, depth) if kind == "INSERT"
            drawn(kind, codes).map { |points| points.map { |point| map.apply(point) } }
          end
        end

        def off
          @hidden += 1
          []
        end

        def drawn(kind, codes)
          points = @shapes.points(kind, codes)
          @left_out[kind] += 1 unless points || SILENT.include?(kind)
          points || []
        end

        # a block, once or in rows, about its own base
        def inserted(codes, map, depth)
          block = blocks[text(codes, 2)]
          return [] if block.nil? || depth >= DEEPEST
          about = Geometry::Transform.move(*point(block[:codes], 10).map { |v| -v })
            .then(Geometry::Transform.scale(factor(codes, 41), factor(codes, 42)))
          turn = Geometry::Transform.turn(-number(codes, 50))
          places(codes).flat_map do |dx, dy|
            own = about.then(Geometry::Transform.move(dx, dy))
              .then(turn)
              .then(Geometry::Transform.move(*point(codes, 10)))
            placed(block[:entities], own.then(map), depth + 1)
          end
        end

        def places(codes)
          columns, rows = [70, 71].map { |code| [codes.assoc(code)&.last.to_i, 1].max.clamp(1, MOST_ROWS) }
          across, up = number(codes, 44) * @scale, -number(codes, 45) * @scale
          Array.new(columns) { |i| Array.new(rows) { |j| [i * across, j * up] } }.flatten(1)
        end

        def factor(codes, code) = codes.assoc(code) ? number(codes, code) : 1.0

        def number(codes, code) = Figure.of(codes.assoc(code)&.last)

        def text(codes, code) = codes.assoc(code)&.last

        def point(codes, code) = [number(codes, code) * @scale, -number(codes, code + 10) * @scale]

        def off?(codes) = hidden_layers.include?(text(codes, 8))

        # frozen by a flag, or off by a colour below nought
        def hidden_layers
          @hidden_layers ||= records(section("TABLES")).select { |kind, codes|
            kind == "LAYER" && (codes.assoc(70)&.last.to_i & 1 == 1 || codes.assoc(62)&.last.to_i.negative?)
          }
            .map { |_, codes| text(codes, 2) }
        end

        def blocks
          @blocks ||= records(section("BLOCKS")).slice_before { |kind, _|
            kind == "BLOCK"
          }.to_h do |(_, codes), *entities|
            [text(codes, 2), {codes: codes, entities: gathered(entities)}]
          end
        end

        # @return [Array<Array(String, Array)>] each record with its pairs
        def records(pairs)
          pairs.each_with_object([]) do |(code, value), records|
            code&.zero? ? records << [value, []] : records.last&.last&.push([code, value])
          end
        end

        # vertices go with their polyline
        # @param records [Array<Array(String, Array)>]
        def gathered(records)
          open = nil
          records.each_with_object([]) do |(kind, codes), all|
            next open[1].concat([[0, "VERTEX"]] + codes) if kind == "VERTEX" && open
            all << [kind, codes]
            open = (kind == "POLYLINE") ? all.last : nil
          end
        end

        def section(name)
          from = @pairs.index([2, name]) or return []
          @pairs[from + 1..].take_while { |pair| pair != [0, "ENDSEC"] }
        end
      end
    end
  end
end
