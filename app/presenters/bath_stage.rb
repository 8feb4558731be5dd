# frozen_string_literal: true

module Presenters
  # How deep and how long a mark is etched: figures, findings and drawings of the page.
  class BathStage
    # drawn where the artwork has not been looked at, mm
    SAMPLE = {line: 0.3, gap: 0.3}.freeze
    # how a bath is moved, in words
    MOTION = {"still" => "not at all", "moved" => "rocked by hand", "bubbled" => "bubbled"}.freeze
    # the time's bar
    BAR = {left: 10.0, width: 460.0}.freeze

    # what it is asked of
    # @return [MarkEtching]
    attr_reader :etching
    # why it cannot be worked out
    # @return [UpClose::Error, nil]
    attr_reader :refusal

    # @param mark [Mark]  @param etching [MarkEtching]  @param writer [UpClose::Measure::LengthWriter]
    def initialize(mark, etching, writer:)
      @mark, @etching, @writer = mark, etching, writer
      @time_s = etching.time_s
    rescue UpClose::Error => error
      @refusal = error
    end

    # @return [Float, nil] seconds in the bath
    attr_reader :time_s

    def laps = etching.laps

    # whether the bench has it so
    def kept? = @mark.work_s == time_s

    def sampled? = etching.line_mm.nil? || etching.gap_mm.nil?

    # @return [EtchSection]
    def section
      EtchSection.new(
        etching.undercut, line_mm: etching.line_mm || SAMPLE[:line], gap_mm: etching.gap_mm || SAMPLE[:gap],
        writer: @writer
      )
    end

    # @return [Array<UpClose::Finding>]
    def findings
      [line, gap, (etching.means.finding(etching.depth_mm) unless refusal), side, area].compact
    end

    # @return [Array<Array(Float, Float, String)>] from, to in pixels of the bar, and what each lap lasts
    def lap_bars
      minutes = 0
      laps.map { |lap| [x(minutes), x(minutes += lap), Moments.about(lap)] }
    end

    # @return [Array<Array(Float, String)>] hours or quarters along the bar
    def ticks
      step = [900, 1800, 3600, 7200, 14_400, 28_800, 86_400].find { |s| shown_s / s <= 8 } || 86_400 * 7
      (0..(shown_s / step).floor).map { |i| [x(i * step), i.zero? ? "0" : Moments.about(i * step)] }
    end

    # where the resist softens
    def softens_x = x(UpClose::Etching::LAP_S)

    # pixels along the bar
    def x(seconds) = BAR[:left] + seconds / shown_s * BAR[:width]

    # @return [Float] seconds that the bar shows
    def shown_s = @shown_s ||= [time_s * 1.12, time_s + 600, UpClose::Etching::LAP_S * 1.2].max

    private

    def line = etching.undercut.finding(etching.line_mm)

    def gap
      gap = etching.gap_mm or return
      wide = etching.undercut.gap_mm(gap)
      UpClose::Finding.note(
        :etched_gap, "Thinnest gap",
        figure: "#{number(gap)} → #{number(wide)} mm", reason: "Drawn wider by twice the side loss, so that the line " \
          "ends at its width.",
        working: UpClose::Working.new(
          "#{number(gap)} + 2 × #{number(etching.undercut.side_mm, 4)} = #{number(wide)} mm"
        )
      )
    end

    def side
      UpClose::Finding.note(
        :side_loss, "Side loss, each edge",
        figure: "#{number(etching.undercut.side_mm)} mm", working: etching.undercut.working
      )
    end

    def area
      UpClose::Finding.note(
        :bare_area, "Bare area",
        figure: "#{number(etching.area_mm2, 0)} mm²", working: etching.area_working,
        reason: "#{number(etching.in_bath.grams(etching.depth_mm), 2)} g of #{etching.metal.title} go into the bath."
      )
    end

    def number(value, places = 3) = UpClose::Working.number(value, places)
  end
end
