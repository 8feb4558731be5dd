# frozen_string_literal: true

module UpClose
  # All that can be told of one mark on one piece, by one way of doing it: `up-close mark`
  # and every page ask it.
  class WorkedMark
    attr_reader :shape, :placement, :setting, :sealer, :situation, :reading, :clearance_mm

    # @param shape [Surfaces::Shape]  @param ink [Artwork::Ink]  @param placement [Placing::Placement]
    # @param setting [Methods::MethodChoice] with prints, pieces, size and schools
    # @param sealer [Class] a Sealing::Sealer  @param situation [Suitability::Situation]
    # @param reading [Methods::Orientation]  @param clearance_mm [Float] wanted
    # @param record [Record::Ways] of every way that was tried
    # @param prices [Costing::PriceList]  @param paper [Printing::Paper]  @param allowances [Sheets::Allowances]
    # @param climate [Timetable::Climate]  @param coverage [Float, nil]
    # @param room [Placing::FitSearch, nil] the one of this place, where it is at hand
    def initialize(shape:, ink:, placement:, setting:, sealer:, situation:, reading:, clearance_mm: 0.0,
      record: Record::Ways.new,
      prices: Costing::PriceList::STARTING, paper: Printing::Paper::ALL.first, allowances: Sheets::Allowances::START,
      climate: Timetable::Climate.new, coverage: nil, hour_cents: 0, room: nil)
      @shape, @ink, @placement, @setting, @sealer, @situation, @reading =
        shape, ink, placement, setting, sealer, situation, reading
      @clearance_mm, @record, @prices, @paper, @allowances = clearance_mm, record, prices, paper, allowances
      @climate, @coverage, @hour_cents, @room = climate, coverage, hour_cents, room
    end

    # @return [Placing::FitSearch]
    def room
      @room ||= Placing::FitSearch.new(shape: shape, ink: @ink, placement: placement, clearance_mm: clearance_mm)
    end

    # @return [Array<Placing::PencilLines::Line>]
    def pencil_lines(writer) = Placing::PencilLines.new(shape: shape, placement: placement, writer: writer).call

    # @return [Array<Methods::Step>] sealing included, as long as this room makes them
    def steps = @steps ||= bare_steps.map { |step| @climate.call(step) }

    # @return [Array<Rounds::Round>] what is done for one piece before the next is begun
    def rounds = Rounds.of(steps)

    # @return [Rounds::Lots] how many prints are made at a time
    def lots = @lots ||= Rounds::Lots.new(steps, prints: setting.copies)

    # @return [Array<Integer>] prints in each lot
    def lot_sizes = lots.call(pieces: setting.pieces)

    # @return [Array<Methods::Step>] as the hands do them: lot by lot, piece by piece, tray by tray
    def written_out = Rounds.written_out(steps, prints: setting.copies, pieces: setting.pieces)

    # @return [Array<Methods::Step>] in a room of 20 °C
    def bare_steps
      @bare_steps ||= situation.book.timed(setting.method.key, WholeWork.call(sealer, setting))
    end

    # @return [Array<Finding>] what speaks for and against this way here
    def findings = @findings ||= [*Suitability.findings(situation), *Rounds.finding(lots, lot_sizes)]

    # @return [Sheets::Spares] the one chance of this way
    def spares
      @spares ||= Sheets::Spares.new(
        setting.pieces,
        start: setting.method.chance_with(setting.stock),
        factors: Sheets::Spares.factors_of(findings) + own_factors,
        **@record.of(setting.method.key, setting.printer, setting.stock.key),
        on_a_miss: setting.method.on_a_miss
      )
    end

    # what this shop's own tries speak against it
    def own_factors
      situation.book.chance_factors(
        setting.method.key,
        {grit: situation.grit, temperature_c: situation.climate&.temperature_c, size_mm: situation.size_mm&.first}
      )
    end
    private :own_factors

    # When it is dry to the touch, can be coated again, handled, and is cured.
    # @return [Hash{Symbol => Float}] seconds from the start of the first step, by Methods::Step::MOMENTS
    def ready_s
      clockwork = Runs::Clockwork.new(steps: written_out, began_at: 0.0, done_at: {})
      moments = clockwork.moments(0.0)
      return moments unless moments.empty?
      done = clockwork.ready_at(0.0)
      Methods::Step::MOMENTS.keys.to_h { |name| [name, done] }
    end

    # seconds of the maker's hands for all of it
    def hands_s = written_out.reject(&:wait?).sum(&:least_s)

    # seconds of the maker's hands for one try
    def hands_each_s
      steps.reject(&:wait?).sum { |step| step.least_s / step.times(setting.copies, setting.pieces) }
    end

    # @return [Costing::Estimate]
    def estimate
      seal = sealer.steps(setting)
      Costing::Estimate.new(
        [*priced.lines(setting), *priced.sealing(setting, seal)],
        chance: spares.chance,
        hour_cents: @hour_cents,
        hands_s: hands_each_s
      )
    end

    # @return [Costing::Priced]
    def priced
      @priced ||= Costing::Priced.new(
        @prices,
        size: setting.size,
        paper: @paper,
        allowances: @allowances,
        coverage: @coverage
      )
    end
  end
end
