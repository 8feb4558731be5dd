# frozen_string_literal: true

module Presenters
  # The job card's row of one mark: eight stages, the figure that matters at each.
  class CardRow
    # One cell. Frozen.
    class Cell
      attr_reader :stage, :title, :figure, :tone, :ready, :looking

      # @param tone [Symbol, nil] :turned, :time, :stop, :watch, :faint
      # @param looking [Boolean] it is being looked at again
      def initialize(stage:, title:, figure:, tone: nil, ready: true, looking: false)
        @stage, @title, @figure, @tone, @ready, @looking = stage, title, figure, tone, ready, looking
        freeze
      end
    end

    STAGES = {"measure" => "Measure", "artwork" => "Artwork", "method" => "Method", "place" => "Place",
              "sheet" => "Sheet", "apply" => "Apply", "seal" => "Seal", "record" => "Record"}.freeze

    # stages that tell what the artwork was found to be
    OF_LOOKS = %w[artwork method].freeze

    # by which method a stage's figure is told, where it is not called like the stage
    FIGURES = {"method" => :method_chosen}.freeze

    # @param mark [Mark]  @param now [Time]
    def initialize(mark, writer:, now:)
      @mark, @writer, @now = mark, writer, now
    end

    attr_reader :mark

    # @return [Array<Cell>]
    def cells = STAGES.keys.map { |stage| cell(stage) }

    # @return [Cell]
    def cell(stage)
      figure, tone = open?(stage) ? send(FIGURES.fetch(stage, stage)) : ["–", :faint]
      Cell.new(
        stage: stage,
        title: STAGES[stage],
        figure: figure,
        tone: tone,
        ready: open?(stage),
        looking: open?(stage) && OF_LOOKS.include?(stage) && looking?
      )
    end

    # the first stage still to be decided; what was begun or recorded is not asked what comes before it
    def next_stage
      return mark.run.finished? ? "record" : "apply" if mark.run && open?("apply")
      return "record" if mark.attempts.any? && open?("record")
      return "purpose" unless mark.purpose || mark.artwork || mark.method_key
      return "artwork" unless mark.artwork
      return "method" unless mark.method_key
      return "place" unless mark.placed?
      mark.packed_at ? "apply" : "sheet"
    end

    # whether what comes before is decided
    def open?(stage)
      case stage
      when "measure", "artwork", "method" then true
      when "place" then !mark.artwork.nil?
      else mark.artwork && mark.method_key && mark.width_mm
      end
    end

    private

    def measure = mark.piece.to_core.size_words(@writer)

    def artwork
      return "none yet", :faint unless mark.artwork
      summary = mark.looked or return LOOKING
      sign = {"stop" => " ■", "watch" => " ▲"}[summary["verdict"]]
      ["#{summary["figure"]}#{sign}", (:stop if summary["verdict"] == "stop")]
    end

    LOOKING = ["looking …", :faint].freeze
    private_constant :LOOKING

    def looking? = !mark.artwork.nil? && mark.looked.nil?

    def method_chosen
      return "none yet", :faint unless mark.method_key
      return LOOKING if looking?
      return "refused ■", :stop if UpClose::Suitability.findings(mark.situation).any?(&:stop?)
      mark.planned.reading.mirrored? ? ["mirrored", :turned] : "as it reads"
    end

    def place
      return covered if mark.covering.any?
      fits = mark.room.fits?
      ["#{"■ " unless fits}#{@writer.pair(mark.width_mm, mark.height_mm)}", (:stop unless fits)]
    end

    def covered
      by = mark.covering.cover.edge_mm
      by.negative? ? "#{@writer.figure(-by)} inside" : "all of it"
    end

    def sheet
      return ["with #{mark.host.title}", :faint] if mark.bound_to
      return laid_out(mark.layout) if mark.layout
      pack = mark.pack
      "#{mark.copies_wanted} on #{pack.sheets} #{pack.paper.title.sub(" landscape", "")}"
    rescue UpClose::Errors::DoesNotFit
      ["too large ■", :stop]
    end

    # the one sheet by name, several by number
    def laid_out(layout)
      return layout.name_of(layout.sheets.first) if layout.sheets.size == 1
      "#{layout.sheets.size} sheets, #{layout.fresh.size} fresh"
    end

    def apply
      run = (mark.host || mark).run or return ["not begun", :faint]
      return "done" if run.finished?
      step = run.clockwork.state(@now.to_f).step
      [step.turn ? "piece #{step.turn} of #{step.turns}" : step.title.downcase, :time]
    end

    def seal
      run = mark.run or return [coats, nil]
      ready = Time.at(run.clockwork.ready_at(@now.to_f))
      (run.finished? && ready <= @now) ? "cured" : [Moments.clock(ready, @now), :time]
    end

    def coats
      count = mark.coats_wanted
      count.zero? ? "bare" : "#{count} coats"
    end

    def record
      mark.attempts.any? ? UpClose::Record.signs(mark.attempts.map(&:result)) : ["nothing yet", :faint]
    end
  end
end
