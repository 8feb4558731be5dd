# frozen_string_literal: true

module UpClose
  # Every method for one mark, side by side: whether it fits, how likely it is to
  # come out, what of your time and money a good piece takes, and what it is like.
  class Comparison
    # One method. Chance as Sheets::Spares has it; cost in cents or nil. Frozen.
    Row = Value.define(:transfer_method, :setting, :situation, :findings, :spares, :cents, keyword_init: true) do
      def verdict = %i[stop watch].find { |v| findings.any? { |f| f.verdict == v } } || :fine

      def refused? = verdict == :stop

      def chance = spares.chance

      # seconds by hand for a good one, spoilt ones and all
      def hands_s = setting.steps.reject(&:wait?).sum(&:least_s) / setting.copies / chance

      # seconds from start to ready, for all copies, windows kept
      def elapsed_s = Runs::LeastTime.ready_at(setting.steps)

      def limits = situation.limits

      def line_mm = limits[:line_mm]

      # the hottest of its steps
      def heat_c = [transfer_method.heat_c, *setting.steps.map(&:temperature_c)].compact.max

      def fumes = Suitability::Rules::Fumes::LEVELS.index(transfer_method.fumes)

      # leaves the mark itself, not a guide to draw by or a resist to etch round
      def picture? = !transfer_method.low_risk? && transfer_method.residue != :resist

      # as far as it was looked at
      def keeps_colours? = findings.none? { |finding| finding.key == :look }

      # its place among the methods for this purpose on this material
      def place = setting.purpose ? transfer_method.place_for(setting.purpose.key, setting.material&.family) : 0

      # what a miss costs
      def sanding? = transfer_method.on_a_miss == :piece

      # @return [Working]
      def working
        hands = setting.steps.reject(&:wait?).sum(&:least_s)
        Working.new("#{Working.number(hands / 60.0, 1)} min by hand ÷ #{setting.copies} ÷ #{Working.number(chance)} " \
          "= #{Working.number(hands_s / 60.0, 1)} min a good one", source: "starting values, and what is on record")
      end
    end

    SORTS = {
      "fit" => ->(row) {
        [
          %i[fine watch stop].index(row.verdict), row.place, row.findings.size, -row.chance.round(2), row.fumes,
          row.hands_s
        ]
      },
      "chance" => ->(row) { [-row.chance] },
      "hands" => ->(row) { [row.hands_s] },
      "elapsed" => ->(row) { [row.elapsed_s] },
      "cost" => ->(row) { [row.cents ? 0 : 1, row.cents || 0] },
      "line" => ->(row) { [row.line_mm || 0] },
      "heat" => ->(row) { [row.heat_c || 0] },
      "fumes" => ->(row) { [row.fumes, row.hands_s] }
    }.freeze

    attr_reader :rows, :purpose

    # @param ground [Hash] :material, :finish, :colour, :grit
    # @param wanted [Hash] :use, :fumes, :finest_mm, :tones, :palette, :climate
    # @param printer [String, nil] the one kind to print with, or else
    # @param printers [Array<String>] kinds the shop has, the likeliest first
    # @param copies [Integer] good ones wanted
    # @param record [Record::Ways] of every way that was tried
    # @param cost [#call] setting → cents for one copy, or nil
    # @param size [Methods::MarkSize]
    # @param chosen [Methods::MethodChoice, nil] the way that is in use already: its own stock and schools count
    # @param purpose [Class, nil] a Purposes::Purpose; nil: whatever each method is usually for
    def initialize(
      printer: nil,
      printers: [printer || "laser"],
      ground: {},
      wanted: {},
      copies: 1,
      record: Record::Ways.new,
      cost: ->(_) {},
      size: Methods::MarkSize::USUAL,
      chosen: nil,
      purpose: nil
    )
      @printers, @ground, @wanted, @copies = printers.map(&:to_sym), ground, wanted, copies
      @record, @cost, @size, @chosen, @purpose = record, cost, size, chosen, purpose
      @rows = Methods.all.map { |method| row(method) }
    end

    # @param by [String] a key of SORTS
    def sorted(by = "fit")
      rows.sort_by { |row| [*SORTS.fetch(by, SORTS["fit"]).call(row), Methods.all.index(row.transfer_method)] }
    end

    # @return [Row, nil] what we suggest; nil when nothing fits
    def pick
      fitting = sorted("fit").reject(&:refused?)
      (fitting.find(&:picture?) unless purpose) || fitting.first
    end

    # printed colours as was asked for, the best first: nothing refuses them; where colours are to be kept,
    # they change none of the picture's on this piece, and those with white beneath come first
    # @param answer [ShowThrough::Answer]  the one that the rows were compared for
    # @return [Array<Row>]
    def ways_for(answer)
      fitting = sorted("fit").select { |row| !row.refused? && row.transfer_method.inked? && row.picture? }
      return fitting unless answer.white_under?
      fitting.select(&:keeps_colours?).partition { |row| row.setting.stock.white? }.flatten
    end

    # one where a miss costs nothing and that does as well, offered when the pick's miss means sanding back
    # @return [Row, nil]
    def careful
      return unless pick&.sanding?
      rows.find { |row| row.transfer_method.low_risk? && !row.refused? }
    end

    # what another kind of printer would open
    # @return [Array<Class>] Definitions that nothing but the printer, or the purpose, keeps out
    def opened_by_another_printer
      rows.select { |row| row.findings.select(&:stop?).map(&:key) == [:printer_kind] }.map(&:transfer_method)
    end

    # @return [String] in one sentence
    def reason
      best = pick or return nothing_fits
      to_watch = best.findings.map { |finding| finding.title.downcase }
      suits = to_watch.empty? ? "It suits this piece." : "Watch #{to_watch.join(" and ")}."
      "We suggest #{best.transfer_method.title.downcase}. #{suits} #{(best.chance * 100).round} in 100 succeed. " \
        "About #{Working.number(best.hands_s / 60.0, 0)} min of work each" \
        "#{", no fumes" if best.transfer_method.fumes == :none}."
    end

    # @return [String] "a laser", "an inkjet", "a laser or an inkjet"
    def printers_words = @printers.map { |kind| (kind == :inkjet) ? "an inkjet" : "a laser" }.join(" or ")

    private

    def nothing_fits
      opened = opened_by_another_printer
      sentence = "Nothing here fits this piece from #{printers_words} print: another printer, or " \
        "another ground, opens more."
      return sentence if opened.empty?
      kind = (opened.first.printers - @printers).first
      "#{sentence} #{(kind == :laser) ? "A laser printer or a copier" : "An inkjet printer"} would open " \
        "#{opened.first(3).map { |method| method.title.downcase }.join(" and ")}."
    end

    def row(method)
      setting = setting(method)
      situation = situation(method, setting)
      findings = Suitability.findings(situation)
      spares = spares(method, setting, findings)
      cents = @cost.call(setting)&.then { |each| each / spares.chance }
      Row.new(
        transfer_method: method, setting: setting, situation: situation, findings: findings, spares: spares,
        cents: cents
      )
    end

    def situation(method, setting)
      Suitability::Situation.new(
        method: method, printer: printer_of(method) || @printers.first, stock: setting.stock, setting: setting,
        purpose: @purpose, printers: @printers, **@ground, **@wanted
      )
    end

    def spares(method, setting, findings)
      Sheets::Spares.new(
        @copies, start: method.chance_with(setting.stock), factors: Sheets::Spares.factors_of(findings),
        on_a_miss: method.on_a_miss, **@record.of(method.key, setting.printer, setting.stock.key)
      )
    end

    def setting(method)
      return @chosen.with(copies: @copies) if @chosen&.transfer_method == method && @printers.include?(@chosen.printer)
      printer = printer_of(method) || method.printers.first
      Methods::MethodChoice.new(
        method: method,
        printer: printer,
        stock: best_stock(method, printer),
        material: @ground[:material],
        finish: @ground[:finish],
        copies: @copies,
        size: @size,
        purpose: @purpose
      )
    end

    # the first of the shop's printers that it can work from
    # @return [Symbol, nil]
    def printer_of(method) = @printers.find { |kind| method.printers.include?(kind) }

    # the likeliest of those with white as wanted, the first of equals
    def best_stock(method, printer)
      stocks = method.stocks.select { |stock| stock.printers.include?(printer) }
      stocks.each_with_index
        .max_by { |stock, i| [white_wanted?(stock) ? 1 : 0, method.chance_with(stock), -i] }
        &.first || method.stocks.first
    end

    # as its maker said of what may show through; unsaid, white is wanted on a dark ground and either will do elsewhere
    def white_wanted?(stock)
      asked = @wanted[:show_through]
      return stock.white? == asked.white_under? if asked
      stock.white? && !@ground[:colour].nil? && @ground[:colour].lightness < DARK
    end

    # L* under which a ground is dark
    DARK = 50
    private_constant :DARK
  end
end
