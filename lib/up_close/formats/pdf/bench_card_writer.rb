# frozen_string_literal: true

require "prawn"

module UpClose
  module Formats
    module PDF
      # Writes a bench card: always one page, its type as large as that allows.
      class BenchCardWriter
        POINT = Canvas::POINT
        EDGE = 12.0
        LEFT = 70.0
        GUTTER = 8.0
        SIZES = [10.5, 10, 9.5, 9, 8.5, 8, 7.5, 7, 6.5, 6, 5.5, 5].freeze
        SOFT = "5E574B"

        # @param card [Printing::BenchCard]  @param paper [Printing::Paper]
        # @param fonts [Hash{Symbol => String}] paths
        def initialize(card, paper:, fonts:)
          @card, @paper, @fonts = card, paper, fonts
        end

        # how much smaller the left column's type becomes until all of it is on one page
        SCALES = [1.0, 0.92, 0.85, 0.78, 0.7, 0.62].freeze

        # @return [String]
        def call
          SCALES.each do |scale|
            @scale = scale
            draw
            break if @pdf.page_count == 1
          end
          @pdf.render
        end

        private

        def draw
          @pdf = Prawn::Document.new(
            page_size: [@paper.width_mm * POINT, @paper.height_mm * POINT],
            margin: EDGE * POINT,
            info: Writer::INFO.merge(Title: "Bench card: #{@card.title}")
          )
          @pdf.font_families.update("Up Close" => {normal: @fonts[:regular], bold: @fonts[:bold]})
          @pdf.font("Up Close")
          heading
          top = @pdf.cursor
          left(top)
          right(top)
        end

        def heading
          @pdf.text(@card.title, size: 18, style: :bold)
          soft(@card.subtitle, 10)
          @pdf.move_down(4)
          @pdf.stroke_horizontal_rule
          @pdf.move_down(8)
        end

        def left(top)
          @pdf.bounding_box([0, top], width: LEFT * POINT) do
            drawing
            @card.facts.each do |name, value|
              @pdf.text("#{name}: <b>#{value}</b>", size: 10 * @scale, inline_format: true)
            end
            section(@card.mirrored ? "Printed mirrored" : "Printed as it reads", @card.reading)
            section("Pencil lines")
            @card.pencil_lines.each do |line|
              @pdf.text("<b>#{line.title}</b>: #{line.words}", size: 9.5 * @scale, inline_format: true, leading: 1)
            end
            if @card.registration.any?
              @pdf.text(
                @card.registration.map { |line| "<b>#{line.title}</b>: #{line.words}" }.join(" "),
                size: 8.5 * @scale,
                inline_format: true
              )
            end
            section("Take care")
            @card.cautions.each { |words| @pdf.text(words, size: 8.5 * @scale, leading: 1) }
          end
        end

        def section(title, words = nil)
          @pdf.move_down(8 * @scale)
          @pdf.text(title, size: 11 * @scale, style: :bold)
          @pdf.text(words, size: 9.5 * @scale) if words
        end

        def right(top)
          width = @pdf.bounds.width - (LEFT + GUTTER) * POINT
          size = SIZES.find { |s| height(width, s) <= top * 0.98 } || SIZES.last
          @pdf.bounding_box([(LEFT + GUTTER) * POINT, top], width: width) do
            @card.steps.each_with_index { |(step, time), i| step(step, time, i, size) }
          end
        end

        def height(width, size)
          @card.steps.each_with_index.sum do |(step, time), i|
            lines(step, time, i + 1).sum { |words, ratio, style|
              @pdf.height_of(words, size: size * ratio, style: style, width: width - 18)
            } + size * 0.55
          end
        end

        # @return [Array<Array(String, Float, Symbol)>] words, share of the size, style
        def lines(step, time, number)
          signs = [
            ("Takes #{Methods.amounts(step.consumes)} for one." if step.consumes.any?),
            ("Look for #{step.look_for}" if step.look_for),
            ("Never #{step.never}" if step.never),
            (step.when_late if step.window?)
          ]
            .compact
            .join(" ")
          [
            ["#{number}  #{step.title}  (#{time})", 1.0, :bold],
            [step.words, 0.95, :normal],
            ([signs, 0.9, :normal] unless signs.empty?)
          ].compact
        end

        def step(step, time, index, size)
          @pdf.stroke_rectangle([0, @pdf.cursor - 1], size * 0.8, size * 0.8)
          @pdf.indent(18) do
            lines(step, time, index + 1).each do |words, ratio, style|
              (ratio < 0.95) ? soft(words, size * ratio) : @pdf.text(words, size: size * ratio, style: style)
            end
          end
          @pdf.move_down(size * 0.55)
        end

        def soft(words, size) = @pdf.text(words, size: size, color: SOFT)

        # the piece, its mark's box and its pencil lines, to scale
        def drawing
          box = @card.shape.box
          scale = [LEFT / box.width, 70.0 / box.height, 1.0].min
          high = box.height * scale + 6
          place = Geometry::Transform.scale(scale).then(Geometry::Transform.move(LEFT / 2, high / 2))
          top = @pdf.cursor
          @pdf.translate(0, top - high * POINT) { outlines(Canvas.new(@pdf, high), place) }
          @pdf.move_down(high * POINT)
          soft((scale >= 1.0) ? "Life size, from above" : "From above, 1 : #{Working.number(1 / scale)}", 8)
          @pdf.move_down(6)
        end

        def outlines(canvas, place)
          @pdf.line_width = 0.7
          canvas.trace(@card.shape.path.transform(place))
          @pdf.stroke
          artwork(canvas, place) if @card.ink
          canvas.trace(Geometry::Path.polygon(@card.corners).transform(place))
          @pdf.dash(2, space: 1.5)
          @pdf.stroke
          @pdf.undash
          @pdf.line_width = 0.4
          @card.pencil_lines.each { |line| pencil(canvas, place, line) }
          @card.pencil_lines.each { |line| distance(canvas, place, line) if line.figure_mm }
        end

        # @param place [Geometry::Transform] from the piece to the drawing
        def artwork(canvas, place)
          ink = @card.ink
          width, height = [ink.width_mm, ink.height_mm].map { |side| side * place.a * POINT }
          ink.places.each_with_index do |laid, i|
            x, y = canvas.xy(place.apply(laid.centre))
            @pdf.rotate(-laid.turn_deg, origin: [x, y]) do
              @pdf.image(StringIO.new(ink.png), at: [x - width / 2, y + height / 2], width: width, height: height)
            end
            numbered(i + 1, x, y - height / 2) if ink.places.size > 1
          end
        end

        # below the middle of each of several
        def numbered(number, x, y)
          @pdf.draw_text(number.to_s, at: [x - 2, y - 9], size: 8)
        end

        WAYS = {top: [0, -1], rim: [0, -1], bottom: [0, 1], foot: [0, 1], left: [-1, 0], right: [1, 0]}.freeze
        FIGURE_PT = 15

        # how far the line lies from what it is measured from, large, beside its half-way point
        def distance(canvas, place, line)
          way = WAYS[line.from] or return
          from = line.at + Geometry::Point[*way] * line.figure_mm
          x, y = canvas.xy(place.apply((from + line.at) * 0.5))
          @pdf.dash(1, space: 1)
          @pdf.stroke_line(canvas.xy(place.apply(from)), canvas.xy(place.apply(line.at)))
          @pdf.undash
          figure = @card.lengths.figure(line.figure_mm)
          wide = @pdf.width_of(figure, size: FIGURE_PT, style: :bold) + 4
          @pdf.fill_color("FFFFFF")
          @pdf.fill_rectangle([x - wide / 2, y + FIGURE_PT * 0.6], wide, FIGURE_PT * 1.1)
          @pdf.fill_color("000000")
          @pdf.draw_text(figure, at: [x - wide / 2 + 2, y - FIGURE_PT * 0.36], size: FIGURE_PT, style: :bold)
        end

        def pencil(canvas, place, line)
          reach = [@card.shape.reach(line.at, line.along), @card.shape.reach(line.at, line.along * -1)]
          ends = [line.at + line.along * reach[0], line.at - line.along * reach[1]].map { |p| place.apply(p) }
          @pdf.stroke_line(canvas.xy(ends[0]), canvas.xy(ends[1]))
        end
      end
    end
  end
end
