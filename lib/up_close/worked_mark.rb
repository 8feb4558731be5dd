# frozen_string_literal: true

module UpClose
  # All that can be told of one mark on one piece, by one way of doing it: `up-close mark`
  # and every page ask it.
  class WorkedMark
    include WorkedSteps

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
      prices: Costing::PriceList.starting, paper: Printing::Paper::ALL.first, allowances: Sheets::Allowances::START,
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

    # @return [Array<Finding>] what speaks for and against this way here
    def findings = @findings ||= [*Suitability.findings(situation), *Rounds.finding(lots, lot_sizes)]

    # @return [Sheets::Spares] the one chance of this way
    def spares
      @spares ||= Sheets::Spares.new(
        setting.pieces,
        start: setting.transfer_method.chance_with(setting.stock),
        factors: Sheets::Spares.factors_of(findings) + own_factors,
        **@record.of(setting.transfer_method.key, setting.printer, setting.stock.key),
        on_a_miss: setting.transfer_method.on_a_miss
      )
    end

    # what this shop's own tries speak against it
    def own_factors
      situation.book.chance_factors(
        setting.transfer_method.key,
        {grit: situation.grit, temperature_c: situation.climate&.temperature_c, size_mm: situation.size_mm&.first}
      )
    end
    private :own_factors

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
