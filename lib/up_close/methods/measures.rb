# frozen_string_literal: true

module UpClose
  module Methods
    # Paces and amounts that methods share, from the mark's size: what a script speaks of.
    # All rates and thicknesses are starting values.
    module Measures
      # the sole of a household iron: what one pressing heats evenly, mm
      IRON_MM = [200.0, 110.0].freeze
      # half of what leaves a spray can misses: a starting value, also of the sealers
      OVERSPRAY = 2.0
      A4_MM2 = 210.0 * 297

      def size = setting.size

      def trim_mm2 = size.trim_mm2(setting.border_mm)

      # a sheet's way through the printer, as much of it as a copy takes
      def through_printer(seconds_a_sheet: 20)
        share = trim_mm2 / A4_MM2
        Pace.new(share * seconds_a_sheet, "#{Pace.n(trim_mm2 / 100, 1)} cm² ÷ #{Pace.n(A4_MM2 / 100)} cm² × " \
          "#{seconds_a_sheet} s a sheet = #{Pace.n(share * seconds_a_sheet, 1)} s")
      end

      # over the inked box, so many cm² a minute
      def over_ink(cm2_a_minute, fixed: 10) = Pace.area(size.box_mm2, cm2_a_minute, fixed: fixed)

      # over all that is laid down, its border with it
      def over_trim(cm2_a_minute, fixed: 10) = Pace.area(trim_mm2, cm2_a_minute, fixed: fixed)

      # a knife or scissors along the trim line
      def round_trim(mm_a_minute: 300, fixed: 15)
        Pace.length(size.trim_length_mm(setting.border_mm), mm_a_minute, fixed: fixed)
      end

      # a pen along every line
      def along_lines(mm_a_minute, fixed: 20)
        pace = Pace.length(size.line_mm, mm_a_minute, fixed: fixed)
        if size.looked_at?
          pace
        else
          Pace.new(pace.seconds, "#{pace.working}; its lines are estimated from its box until the artwork is checked")
        end
      end

      # the pace of the tip that was chosen, in place of the usual one
      # @param seconds [Numeric, nil] for one piece
      # @return [Pace]
      def own_pace(usual, seconds) = seconds ? Pace.new(seconds, "worked out for your tip") : usual

      # one pressing for each place an iron's sole covers, the paper turned to need the fewest
      def by_iron(seconds, fixed: 10)
        sides = [size.width_mm, size.height_mm]
        places = [IRON_MM, IRON_MM.reverse]
          .map { |sole| sides.zip(sole).map { |side, mm| (side / mm).ceil }.reduce(:*) }
          .min
        Pace.places(
          places,
          seconds,
          fixed: fixed,
          what: "place of an iron of #{IRON_MM.map { |mm| Pace.n(mm) }.join(" × ")} mm"
        )
      end

      # wet film of a thickness over what is laid down
      # @param supply [String, Supplies::Kind] its key, here and below
      # @param um [Numeric] µm  @param faces [Integer]  @param least [Numeric, nil] ml poured at a time
      def coat(supply, um, mm2: trim_mm2, faces: 1, times: 1, sprayed: false, least: nil)
        ml = mm2 * um / 1e6 * faces * times * (sprayed ? OVERSPRAY : 1)
        factors = [
          ("#{faces} faces" if faces > 1),
          ("#{times} times" if times > 1),
          ("#{Pace.n(OVERSPRAY)} for what misses" if sprayed)
        ].compact
        working =
          "#{Pace.n(mm2 / 100, 1)} cm² × #{Pace.n(um)} µm#{factors.map { |f| " × #{f}" }.join} = #{Pace.n(ml, 2)} ml"
        Supply.new(kind: Supplies.fetch(supply), amount: ml, least: least, working: working)
      end

      # @param drop_ml [Float] the least that goes on one piece
      def drop(supply, um, drop_ml, mm2: trim_mm2)
        ml = [mm2 * um / 1e6, drop_ml].max
        Supply.new(
          kind: Supplies.fetch(supply),
          amount: ml,
          working: "#{Pace.n(mm2 / 100, 1)} cm² × #{Pace.n(um)} µm, at least a drop of #{Pace.n(drop_ml, 2)} ml " \
            "= #{Pace.n(ml, 2)} ml"
        )
      end

      # a share of an A4 sheet that serves so many times
      def sheet_share(supply, uses: 1, title: nil)
        share = trim_mm2 / A4_MM2 / uses
        Supply.new(
          **named(supply, title),
          amount: share,
          working: "#{Pace.n(trim_mm2 / 100, 1)} cm² ÷ #{Pace.n(A4_MM2 / 100)} cm²#{" ÷ #{uses} uses" if uses > 1} " \
            "= #{Pace.n(share, 3)} sheets"
        )
      end

      # carbon paper, a sheet of each colour; each serves five times
      # @param colours [Integer]  @return [Array<Supply>]
      def carbon_sheets(colours)
        return [sheet_share("carbon-paper", uses: 5)] if colours == 1
        (1..colours).map { |number| sheet_share("carbon-paper", uses: 5, title: "carbon paper, colour #{number}") }
      end

      # so many for each square centimetre, whole ones
      def pieces(supply, cm2_each, mm2: trim_mm2, title: nil)
        number = (mm2 / 100.0 / cm2_each).ceil
        Supply.new(
          **named(supply, title),
          amount: number,
          working: "#{Pace.n(mm2 / 100, 1)} cm² ÷ #{Pace.n(cm2_each)} cm² each = #{number}"
        )
      end

      # what one rag wipes before it is turned
      RAG_CM2 = 200

      # a rag of its own colour for each solvent, so that the two are never mistaken
      # @param colour [String] "white", "blue"  @param what [String] the solvent
      def rag(colour, what) = pieces("rags", RAG_CM2, title: "#{colour} rags for #{what}")

      # wiped over metal before anything sticks to it
      def degreaser = coat("degreaser", 60, least: 1)

      SWABBED_CM2 = 60

      # what a solvent is rubbed on with: swabs, or pads where there is much of it
      def swabs(mm2: size.box_mm2)
        if mm2 / 100 > SWABBED_CM2
          pieces("cotton-pads", 150, mm2: mm2)
        else
          pieces("cotton-swabs", 12, mm2: mm2)
        end
      end

      # strips of a tape, each a hand's breadth longer than what it covers
      def strips(supply, wide_mm, times: 1, over_mm: 20.0)
        across, along = [size.width_mm, size.height_mm].map { |mm| mm + 2 * setting.border_mm }.minmax
        count = (across / wide_mm).ceil * times
        cm = count * (along + over_mm) / 10
        Supply.new(
          kind: Supplies.fetch(supply),
          amount: cm,
          working: "#{count} × (#{Pace.n(along, 1)} + #{Pace.n(over_mm)}) mm = #{Pace.n(cm, 1)} cm"
        )
      end

      private

      # @return [Hash] its kind, and a title that says more where there is one
      def named(supply, title) = {kind: Supplies.fetch(supply), title: title}.compact
    end
  end
end
