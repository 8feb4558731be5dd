# frozen_string_literal: true

module UpClose
  module Methods
    # A print laid into wet varnish or paste, its paper rubbed away.
    class VarnishPaper < Definition
      key "varnish-paper"
      title "Varnish or paste"
      summary "Coat both faces, lay the print in wet, dry, rub the paper away in crumbs. It can be moved a little while wet."
      undo "While wet: lift it and wipe. Dry: sand back."
      chance 0.6
      printers :laser
      stocks "letter-paper"
      residue :medium
      fumes :low
      movable "a little, while it is wet"
      wear "good under a clear coat"
      works_on :wood, :metal, :plastic, :glass, :paper, why: "Varnish holds on anything clean."
      holds laser: {line_mm: 0.3, gap_mm: 0.3, solid_mm: nil, spread_mm: 0.03}

      passage "Printed on the paper, face up"
      passage "Laid face down in wet varnish", turned: true
      passage "Held by the varnish, the paper rubbed away"

      choice :dry, "Drying", {
        air: ["in the air, hours", "nothing to burn"],
        gun: ["with a heat gun", "minutes; only when no solvent is about"]
      }
      choice :tack, "Before rubbing", {
        none: ["nothing", "enough for most prints"],
        acetone: ["a damp acetone pad", "takes the tack up again; must flash off completely"]
      }
      border 4.0
      solvent_when { |s| (s.picked[:tack] == :acetone) ? "acetone" : nil }

      work do |s|
        hands :print, "Print with toner", "100 %, no fit to page, mirror off in the driver.", phase: :print, lasts: 120
        hands :ground, "Smooth and clean it", "Wipe the dust off.", phase: :prepare, lasts: 300, each: 120, cautions: %i[dust]
        hands :coat, "Coat both faces", "The piece and the print, thin and even.", takes: [["varnish", 8.0, "ml"]], lasts: 60, each: 60, cautions: %i[varnish]
        hands :lay, "Lay it while it is wet", "Nudge it onto the lines.", lasts: 20, each: 30, after: "coat", window: 0..300, late: "It has begun to skin: wipe it off, coat again.", faults: %w[bubbles]
        hands :burnish, "Burnish from the middle", "Through a sheet of plastic.", lasts: 30, each: 60, after: "lay", window: 0..300, late: "Press gently."
        if s.picked[:dry] == :gun
          hands :gun, "Dry it with the gun", "Keep it moving. Nothing with solvent in the room.", lasts: 120, each: 180, cautions: %i[heat heat_after_solvent]
        else
          wait :dry, "Let it dry", "Hours; overnight is well.", lasts: 21_600..nil, place: :drying, dries: true
        end
        if s.picked[:tack] == :acetone
          hands :tack, "A damp acetone pad over the back", "One pass.", takes: [["acetone", 1.0, "ml"]], lasts: 30, each: 20, cautions: %i[solvent gloves]
          wait :flash, "Let it flash off completely", "Air the room.", lasts: 900..nil, cautions: %i[solvent heat_after_solvent]
        end
        hands :roll, "Scrape lightly, roll the paper off", "A wet finger, in crumbs, from the middle out.", lasts: 120, each: 600, look_for: "the print clear when wiped with alcohol.", never: "dig with a nail.", faults: %w[haze torn]
        wait :clear, "Let it dry", "What haze is left clears under clear coat.", lasts: 1800..nil, place: :drying, dries: true
      end
    end
  end
end
