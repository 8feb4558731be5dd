# frozen_string_literal: true

module UpClose
  module Methods
    # A print laid into wet varnish or paste, its paper rubbed away (handbook, “Varnish or paste”).
    class VarnishPaper < Definition
      key "varnish-paper"
      listed 60
      title "Varnish or paste"
      summary "Coat both faces, lay the print in wet, dry, rub the paper away in crumbs. It can be moved a little " \
        "while wet."
      undo "While wet: lift it and wipe. Dry: sand back."
      on_a_miss :piece
      chance 0.6
      serves :picture
      bridges_um 80
      sands_to 240
      laid_wet
      medium { |picked| (picked[:medium] == :paste) ? "paste" : "varnish" }
      printers :laser
      stocks "letter-paper"
      residue :medium
      seals_with "spray-acrylic"
      fumes :low
      movable :briefly, "a little, while it is wet"
      wear "good under a clear coat"
      works_on :wood, :metal, :plastic, :glass, :paper, :stone, :cloth, :cork, why: "Varnish holds on anything clean."
      holds laser: {line_mm: 0.3, gap_mm: 0.3, solid_mm: nil, spread_mm: 0.03}

      passage "Printed on the paper, face up"
      passage "Laid face down in wet varnish", turned: true
      passage "Held by the varnish, the paper rubbed away"

      choice :medium, "Coating", {
        varnish: ["thin varnish", "dries clear and hard; two thin coats, one a face"],
        paste: ["thick paste", "some want it fairly thick: it fills a rough ground better"]
      }
      choice :dry, "Drying", {
        air: ["in the air, hours", "nothing to burn"],
        gun: ["with a heat gun", "minutes; only when no solvent is about"]
      }
      choice :tack, "Before rubbing", {
        none: ["nothing", "enough for most prints"],
        acetone: ["a damp acetone pad", "takes the tack up again; must flash off completely"]
      }
      border { |s| (s.picked[:medium] == :paste) ? 1.0 : 4.0 }
      sights :roll, :burnish,
        right: [:sharp, "clear and even"],
        early: [:smeared, "it slides: the coat is too wet"],
        late: [:broken, "gaps: the coat was too dry when it was laid"]
      solvent_when { |s| (s.picked[:tack] == :acetone) ? "acetone" : nil }

      # wet, on each face
      UM = {varnish: 60, paste: 150}.freeze

      open_time { |_| 300 }

      work do |s|
        medium = (s.picked[:medium] == :paste) ? "transfer-paste" : "varnish"
        hands :print,
          "Print with toner",
          "100 %, no fit to page, mirror off in the printer's window.",
          phase: :print,
          lasts: 120,
          each: through_printer, for: :sheet
        hands :ground, "Smooth and clean it",
          "Sand what is rough, wipe the dust off. Raw, open grain leaves missing spots.", phase: :prepare, lasts: 60,
          each: over_trim(60, fixed: 45), for: :piece, cautions: %i[dust], faults: %w[missing-spots]
        hands :pencil,
          "Draw the pencil lines, trim to the ticks",
          "As on the bench card. On a round cap cut close, no overhang.",
          phase: :prepare,
          lasts: 30,
          each: 90,
          for: :piece
        round do
          hands :coat,
            "Coat both faces",
            "The piece and the print, even.",
            consumes: [coat(medium, UM.fetch(s.picked[:medium]), faces: 2, least: 1)],
            lasts: 10,
            each: over_trim(75, fixed: 30),
            cautions: %i[varnish]
          hands :lay,
            "Lay it while it is wet",
            "Nudge it onto the lines.",
            lasts: 5,
            each: 20,
            after: "coat",
            window: 0..300,
            dries: :open,
            when_late: "It has begun to skin: wipe it off, coat again.",
            faults: %w[bubbles]
          hands :burnish,
            "Burnish from the middle",
            "Through a sheet of plastic.",
            lasts: 5,
            each: over_trim(80, fixed: 20),
            after: "lay",
            window: 0..300,
            when_late: "Press gently."
        end
        VarnishPaper.drying(self, s)
        hands :roll, "Scrape lightly, roll the paper off",
          "A blade held flat for the first layer, then a wet finger, in crumbs, from the middle out.", lasts: 30,
          each: over_trim(10, fixed: 60), cautions: %i[scrape],
          look_for: "the print clear when wiped with alcohol: so it will look under a clear coat.",
          never: "dig with a nail.", faults: %w[haze torn]
        wait :clear,
          "Let it dry",
          "What haze is left clears under clear coat.",
          lasts: 1800..nil,
          place: :drying,
          dries: true,
          moments: {touch: 1800, next_coat: 1800, handle: 3600, full: 86_400}
      end

      # @param script [Script]  @param setting [MethodChoice]
      def self.drying(script, setting)
        script.instance_exec do
          if setting.picked[:dry] == :gun
            hands :gun, "Dry it with the gun", "Keep it moving. Nothing with solvent in the room.",
              lasts: 20, each: over_trim(40, fixed: 60), cautions: %i[heat heat_after_solvent]
          else
            wait :dry,
              "Let it dry",
              "Hours; overnight is well.",
              lasts: 21_600..nil,
              place: :drying,
              dries: true,
              early: "Soft varnish rolls off with the paper."
          end
        end
        VarnishPaper.tacking(script) if setting.picked[:tack] == :acetone
      end

      # @param script [Script]
      def self.tacking(script)
        script.instance_exec do
          hands :tack, "A damp acetone pad over the back", "One pass.", consumes: [coat("acetone", 60, least: 1)],
            lasts: 5, each: over_trim(200, fixed: 10), cautions: %i[solvent gloves]
          wait :flash,
            "Let it flash off completely",
            "Air the room.",
            lasts: 900..nil,
            cautions: %i[solvent heat_after_solvent],
            early: "Acetone vapour burns, and the image is still soft."
        end
      end
    end
  end
end
