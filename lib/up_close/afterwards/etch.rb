# frozen_string_literal: true

module UpClose
  module Afterwards
    # Bare metal eaten away by a bath, the resist left standing.
    class Etch < Work
      key "etch"
      follows "resist"
      listed 50
      title "Etch round it"
      summary "A bath eats the bare metal; what is covered stays."
      works_on :metal, bare: true, why: "A bath eats bare metal only."
      remedy "Remove the coat, or choose a metal piece."
      # until a strip test of one's own, or the time typed
      usual_s 1800

      # what etches a piece: what was chosen, or the weakest bath that its metal takes
      # @param setting [Methods::MethodChoice]
      # @return [#cautions]
      def self.bath_of(setting)
        metal = Etching::Metal::ALL.find { |known| known.key == setting.material&.key }
        setting.work_bath || (metal && Etching::Baths.for(metal).first) || Etching::Baths.all.first
      end

      work do |s|
        typed, bath = s.work_s, Etch.bath_of(s).cautions
        hands :cover, "Cover back and edges", "Parcel tape or varnish on all that is not to be etched.",
          consumes: [strips("clear-parcel-tape", 48.0)], phase: :after, lasts: 30, each: over_trim(100, fixed: 60),
          look_for: "no bare edge, no bubble under the tape.", faults: %w[broken-through]
        laps = Etching::Laps.of(typed || Etch.usual_s)
        laps.each.with_index(1) do |lap, n|
          wait (n == 1) ? :etch : :"etch_#{n}", (laps.size == 1) ? "Etch" : "Etch, lap #{n} of #{laps.size}",
            "In the bath, face down or upright, moved now and then. #{"Your own time." if typed}".strip,
            phase: :after, lasts: lap, cautions: bath,
            look_for: "even depth under a fingernail; rinse, look, put it back.",
            never: "leave it alone with a resist that has been in for two hours.",
            early: "It is not as deep as you wanted.", faults: %w[underetched pitted broken-through]
          next if n == laps.size
          hands :"look_#{n}", "Rinse, look, touch up", "A resist softens in two hours: dry it, close what has opened.",
            phase: :after, lasts: 60, each: 120, cautions: bath | %i[dry_first],
            look_for: "no bright speck in what is to stand; an etch-proof pen closes it."
        end
        hands :rinse, "Rinse, neutralise and dry", "Water, then baking soda in water, then water; dry it with a " \
          "cloth kept for this.",
          consumes: [coat("baking-soda", 50, least: 5)], phase: :after, lasts: 60, each: 30,
          cautions: bath | %i[dry_first spent_open],
          look_for: "no fizz, no green in the corners.", never: "pour the bath down a drain."
        hands :strip, "Take the resist off", "A blue rag with acetone, for this alone.",
          consumes: [coat("acetone", 150, least: 2), rag("blue", "acetone")], phase: :after, lasts: 20,
          each: over_trim(40, fixed: 30),
          cautions: %i[dry_first] | (bath & %i[no_solvents]) | %i[solvent gloves],
          look_for: "bright metal on what stood."
        wait :strip_dry, "Let the acetone go", "Air the room.", phase: :after, lasts: 600..nil,
          cautions: %i[solvent heat_after_solvent], early: "Acetone under a coat clouds it."
        instance_exec(s, &s.work_finish.work) if s.work_finish
      end
    end
  end
end
