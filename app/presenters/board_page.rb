# frozen_string_literal: true

module Presenters
  # A board on its page: both sides drawn to one scale, findings ringed, drills counted, several on a plate. Pixels of
  # a drawing WIDTH wide.
  class BoardPage
    WIDTH = 680.0
    TALLEST = 440.0
    # room for the dimension lines, and for a figure beside a ring
    LEFT = 46.0
    BELOW = 46.0
    RINGED = 3
    APART_PX = 60.0
    SAID = {"copper" => "copper", "mask" => "solder mask", "paste" => "paste", "legend" => "legend",
            "outline" => "outline", "drill" => "drills", "other" => "not used"}.freeze

    # what a file can be: value and words
    KINDS = [
      *%w[copper mask paste legend].flat_map { |kind|
        %w[top bottom].map { |side| ["#{kind} #{side}", "#{side} #{SAID[kind]}"] }
      },
      ["outline both", "outline"], ["drill both", "drills"], ["other both", "not used"]
    ].freeze

    attr_reader :board, :told, :side

    # @param board [Board]  @param told [Hash] as Shelves::DrawnBoard#told  @param side [String, nil] shown
    # @param lies [Boolean] the bottom as it lies when the board is turned over
    # @param writer [UpClose::Measure::LengthWriter]
    def initialize(board, told, side:, writer:, lies: false)
      @board, @told, @writer, @lies = board, told, writer, lies
      @side = sides.include?(side) ? side : sides.last
    end

    def sides = told[:sides].keys

    # the bottom, turned over as it lies on the bench
    def lies? = @lies && side == "bottom"

    # the other side, seen through the board
    def through = (sides - [side]).first

    def width_mm = told[:box][2]

    def height_mm = told[:box][3]

    # @return [Float] pixels a millimetre
    def scale = @scale ||= [(WIDTH - 2 * LEFT) / width_mm, TALLEST / height_mm].min

    def drawn_width = width_mm * scale

    def drawn_height = height_mm * scale

    def view_box = "0 0 #{(drawn_width + 2 * LEFT).round(1)} #{(drawn_height + BELOW + 14).round(1)}"

    # of the whole drawing, its dimension lines too
    def mm_across = ((drawn_width + 2 * LEFT) / scale).round(3)

    # from the files' millimetres onto the drawing; turned over left to right where it lies so
    def transform
      left, top = told[:box]
      return "translate(#{n(LEFT - left * scale)} #{n(8 - top * scale)}) scale(#{n(scale, 5)})" unless lies?
      "translate(#{n(LEFT + (left + width_mm) * scale)} #{n(8 - top * scale)}) scale(#{n(-scale, 5)} #{n(scale, 5)})"
    end

    # @return [Array(Float, Float)] a place of the files on the drawing
    def at(x, y)
      from_left = (x - told[:box][0]) * scale
      [LEFT + (lies? ? drawn_width - from_left : from_left), 8 + (y - told[:box][1]) * scale]
    end

    def width_line
      y = 8 + drawn_height + 28
      Dimension.new([LEFT, y], [LEFT + drawn_width, y], @writer.figure(width_mm))
    end

    def height_line = Dimension.new([22, 8], [22, 8 + drawn_height], @writer.figure(height_mm))

    # @return [Array<Array(Float, Float, Float)>] middle and radius, px
    def holes = told[:holes].map { |x, y, diameter, _| [*at(x, y), diameter / 2 * scale] }

    # bare spots of this side
    # @return [Array<Array(Float, Float)>] px
    def dots = told[:sides].fetch(side)[:dots].map { |x, y| at(x, y) }

    # px
    def dot_radius = layout.dot_mm / 2 * scale

    # rings round the worst places of this side's findings
    # @return [Array<Hash>] :x, :y, :r, :verdict, :words
    def rings
      told[:findings].select { |finding| finding.places.any? && finding.verdict != :fine && here?(finding) }
        .first(RINGED).each_with_index.map { |finding, i| ring(finding, i) }
    end

    # other places of this side's findings: of those that lie close together, one stands for all
    # @return [Array<Array(Float, Float, Float, Symbol)>] middle, radius, verdict
    def other_rings
      kept = rings.map { |ring| [ring[:x], ring[:y]] }
      places = told[:findings].select { |finding| finding.verdict != :fine && here?(finding) }
        .flat_map { |finding| finding.places.drop(1).map { |place| [place, finding.verdict] } }
      places.filter_map do |place, verdict|
        x, y = at(place.centre.x, place.centre.y)
        next if kept.any? { |left, top| Math.hypot(left - x, top - y) < APART_PX }
        kept << [x, y]
        [x, y, [[place.width, place.height].max / 2 * scale, 6].max, verdict]
      end
    end

    # @return [Array<Hash>] each file: its number, name, kind, side, and what is said of its reading direction
    def layers
      board.files.each_with_index.map do |file, i|
        {number: i, name: file["name"], chosen: "#{file["kind"]} #{file["side"]}", turned: turned?(file)}
      end
    end

    def kinds = KINDS

    # @return [String] of a side: "3 tracks, 5 pads"
    def counts(side)
      of = told[:sides].fetch(side)
      {tracks: "track", pads: "pad", grounds: "filled area"}.filter_map { |key, word|
        "#{of[key]} #{word}#{"s" unless of[key] == 1}" if of[key].positive?
      }.join(", ")
    end

    # each size of drill
    # @return [Array<Array(Float, Integer, Integer)>] mm, on one board, on the plate
    def drills
      all = told[:plate][:holes]
      (all.keys | told[:drills].keys).sort.map { |size| [size, told[:drills].fetch(size, 0), all.fetch(size, 0)] }
    end

    def findings = told[:findings].reject { |finding| finding.verdict == :fine }

    def fine = told[:findings].select { |finding| finding.verdict == :fine }

    def layout = board.layout_core

    # @return [Array(Float, Float)] mm
    def plate_size = told[:plate][:box].last(2)

    def plate_view
      x, y, width, height = told[:plate][:box]
      [x - 1, y - 1, width + 2, height + 2].map { |value| value.round(2) }.join(" ")
    end

    # what was done to the copper, in words
    # @return [Array<String>]
    def done
      of = told[:sides].fetch(side)
      [
        (spots(of) if layout.dot_mm.positive?),
        ("widened by #{n(layout.widen_mm, 3)} mm at each edge: the narrowest gap is now #{gap(of)}" if
          layout.widen_mm.positive?),
        ("ground filled: the bath takes #{share(of)} less copper" if layout.fill)
      ].compact
    end

    def alt
      "#{board.name}, #{side} copper #{lies? ? "as it lies" : "as in the file"}, " \
        "#{@writer.pair(width_mm, height_mm)}, #{told[:holes].size} holes"
    end

    # drawn larger than the board, as a ratio
    def ratio = "#{UpClose::Working.number(scale * 25.4 / 96, 1)} : 1"

    private

    def turned?(file) = file["kind"] != "drill" && file["kind"] != "outline" && file["side"] == "top"

    def here?(finding)
      other = (UpClose::Boards::Board::SIDES - [side]).first
      !finding.key.to_s.end_with?("_#{other}")
    end

    # its words, in few: one higher than the other, so that none lies on another
    def ring(finding, number)
      place = finding.places.first
      x, y = at(place.centre.x, place.centre.y)
      radius = [[place.width, place.height].max / 2 * scale, 9].max
      left = x > LEFT + drawn_width / 2
      {x: x, y: y, r: radius, verdict: finding.verdict, anchor: left ? "end" : "start",
       at: [x + (left ? -1 : 1) * (radius + 30), [y - radius - 14 - 30 * number, 20].max],
       words: "#{finding.title[/\ANarrowest (\w+)|\A(?:Smallest )?(\w+)/].split.last.downcase} #{finding.figure}"}
    end

    def spots(of) = "#{of[:dots].size} bare spots of #{@writer.figure(layout.dot_mm)} for the drill's tip"

    def gap(of) = of[:gap_mm] ? "#{n(of[:gap_mm], 2)} mm" : "over 0.6 mm"

    def share(of) = "#{((1 - of[:bare_after_mm2] / of[:bare_mm2]) * 100).round} %"

    def n(value, places = 2) = value.round(places)
  end
end
