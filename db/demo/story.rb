# frozen_string_literal: true

require "stringio"
Dir[File.join(__dir__, "art", "*.rb")].sort.each { |file| require file }

module Demo
  # The centenary fair of Pellow Ness Light, all invented. Made through the same
  # actions a maker's clicks use; dates are laid from the day it is loaded.
  class Story
    Upload = Struct.new(:bytes, :name) do
      def to_h = {tempfile: StringIO.new(bytes), filename: name}
    end

    def self.load(now: Time.now) = new(now).load

    def initialize(now)
      @now = now
    end

    def load
      ActiveRecord::Base.transaction { [printers, stock, supplies, drawer, fair, luthier, regatta, evenings] }
    end

    private

    # what packs cost at the chandler's
    def stock
      {
        "clear-film" => [1490, 10],
        "white-film" => [1690, 10],
        "letter-paper" => [520, 500],
        "photo-paper-back" => [899, 20, 8],
        "resist-film" => [2350, 10],
        "clear-tape" => [240, 1]
      }.each do |key, (cents, sheets, uses)|
        StockFact.create!(stock: key, pack_cents: cents, pack_sheets: sheets, uses: uses, supplier: "Pellow chandlery")
      end
    end

    def supplies
      {
        "toner" => [6900, 90],
        "ink" => [1990, 30],
        "acetone" => [490, 500],
        "clear coat" => [1190, 400],
        "baking medium" => [1450, 30],
        "spray acrylic clear" => [1190, 400],
        "clear parcel tape" => [240, 6600],
        "aluminium tape" => [890, 4500],
        "cotton swabs" => [150, 100]
      }.each do |title, (cents, amount)|
        SupplyPrice.create!(title: title, pack_cents: cents, pack_amount: amount)
      end
    end

    # part-used sheets, as months of work leave them
    def drawer
      sheet("clear-film", "laser", "blue folder", [[0, 0, 210, 96], [150, 96, 60, 58]])
      sheet("clear-film", "laser", "blue folder", [[0, 0, 118, 297]])
      sheet("white-film", "inkjet", "blue folder", [[0, 0, 210, 62], [0, 62, 84, 60], [132, 230, 78, 67]])
      sheet("white-film", "laser", "flat, under the glass", [[40, 0, 130, 150]])
      sheet("label-backing", "inkjet", "with the labels", [])
      sheet(
        "photo-paper-back",
        "inkjet",
        "drawer front",
        [[0, 0, 150, 100]],
        size: "own",
        width_mm: "150",
        height_mm: "200"
      )
    end

    # two that stand in for hardware, the laser measured a fortnight ago
    def printers
      laser = Printer.create!(
        name: "Harbour office laser",
        kind: "laser",
        simulated: "harbour-laser",
        prints_face: "down",
        dpi: 600,
        margins_mm: {"left" => 4.2, "right" => 4.2, "top" => 4.2, "bottom" => 4.2}
      )
      Printer.create!(
        name: "Kitchen table inkjet",
        kind: "inkjet",
        simulated: "kitchen-inkjet",
        rollers_mm: [52.0, 158.0]
      )
      laser.calibrations
        .create!(figures: UpClose::Printing::Calibration
          .new(x_scale: 1.0042, y_scale: 0.9968, skew_deg: 0.118, residual_mm: 0.012, crosses: 35)
          .to_h, way: "scan", paper: "a4", created_at: days_ago(14, 20))
    end

    def sheet(stock, printer, kept, gone, size: "a4", **sides)
      form = Forms::StockSheetForm.new({
        stock: stock,
        printer: printer,
        size: size,
        kept: kept,
        used: gone.map { |box| box.join(", ") }.join("\n"),
        **sides
      })
      raise form.errors.inspect unless form.ok?
      Actions::KeepSheets.add(form)
    end

    def fair
      @job = job(
        "Pellow Ness centenary fair",
        "the Keepers' Society of Pellow Ness",
        19,
        "A stall on the quay: the tender at 1:48, two dozen pendants, the raffle dish, keepsake boxes."
      )
      tender
      dish
      pendants
      boxes
      gauge
      mugs
      plug
    end

    def luthier
      @job = job("Cittern for the opening dance", "Ilse Varnholt", 33, "Five-course cittern, maple headstock, sealed.")
      mark = piece(
        "cittern headstock",
        "rounded-rectangle",
        {width_mm: 74, height_mm: 32, corner_mm: 6},
        "wood",
        "sealed",
        "#d8b982"
      )
      measured_from_photo(mark.piece)
      letter(mark, "Wrenfold", "dancing-script-bold", "7.5")
      method(mark, "water-slide", "laser", stock: "clear-film", "pick_water-slide_edge": "close")
      settle(mark, x_mm: -2, y_mm: 0)
      lay(mark, 3)
      run(mark, days_ago(2, 19))
      record(mark, %w[spoilt good], {1 => %w[wrinkles]})
    end

    # wanted in nine days, by a school that takes seven of them for its glue
    def regatta
      @job = job("Prize for the regatta", "the harbour master", 9, "The fish in a case, with her name on the foot.")
      mark = piece(
        "casting plug, the prize",
        "loft",
        {stations: "0, 6\n12, 34\n30, 58\n50, 66\n70, 54\n86, 28\n95, 12"},
        "wood",
        "sealed",
        "#b9c4c8"
      )
      file(mark, Art::HerringSide.svg, "Prize herring.svg")
      method(mark, "foil-skin", "laser", "pick_foil-skin_leave": "week")
      settle(mark, width_mm: 80)
    end

    # the maker works evenings only
    def evenings
      ShopTime.keep(ShopTime::USUAL.merge(
        "week" => (1..5).to_h { |day| [day.to_s, [[1140, 1320]]] },
        "temperature_c" => 17,
        "humidity" => 66
      ))
    end

    def tender
      mark = piece(
        "tender Sandpiper, hull side",
        "rectangle",
        {width_mm: 176, height_mm: 24},
        "polystyrene",
        "gloss-paint",
        "#1e3b2c",
        count: 2
      )
      file(mark, Art::NameBoard.svg, "Name board.svg")
      method(mark, "water-slide", "inkjet", stock: "white-film")
      settle(mark, width_mm: 62.5, x_mm: -48.5, y_mm: -2)
      lay(mark, 6, leftovers: true)
      mark = Actions::SavePiece.new_mark(mark.piece)
      letter(mark, "PELLOW NESS", "overpass-bold", "3")
      method(mark, "water-slide", "laser", stock: "white-film")
      settle(mark, x_mm: 18, y_mm: -2)
      draughts = Actions::SavePiece.new_mark(mark.piece)
      letter(draughts, "", "routed-gothic", "2.4", set: "2…9")
      method(draughts, "water-slide", "laser", stock: "white-film")
      settle(draughts, x_mm: 78, y_mm: 4)
      lay(draughts, 16, leftovers: true, with: [mark.id])
    end

    def dish
      mark = piece("sycamore dish, the recess", "disc", {diameter_mm: 150}, "wood", "sanded", "#ecd9b0", count: 1)
      mark.update!(clearance_mm: 6)
      file(mark, Art::CompassRose.svg, "Compass rose.svg")
      method(mark, "ink-offset", "inkjet", stock: "label-backing")
      settle(mark, width_mm: 124, turn_deg: 12)
      lay(mark, 2)
      seal(mark, "spray-satin")
      start = @now - 58 * 60
      run = Actions::RunMarks.start(mark, start)
      {"ground" => 22, "pencil" => 30, "print" => 37, "trim" => 40}.each do |step, minutes|
        Actions::RunMarks.finish_step(run, step, start + minutes * 60)
      end
    end

    def pendants
      mark = piece("brass pendants", "disc", {diameter_mm: 25}, "brass", "etched", "#c9a646", count: 24)
      mark.update!(clearance_mm: 1.5)
      file(mark, Art::LightTower.svg, "Pellow Ness Light.svg")
      method(mark, "baked-medium", "laser")
      settle(mark, width_mm: 21)
      lay(mark, 32)
      run(mark, days_ago(6, 18))
      record(
        mark,
        %w[good spoilt good good usable good good spoilt good good],
        {2 => %w[yellowed], 5 => %w[haze], 8 => %w[missing-spots]}
      )
    end

    def boxes
      mark = piece(
        "keepsake box lids",
        "rounded-rectangle",
        {width_mm: 92, height_mm: 64, corner_mm: 4},
        "plywood",
        "sanded",
        "#dcc191",
        count: 12
      )
      file(mark, Art::Dusk.png, "The light at dusk.png")
      method(mark, "solvent-rub", "laser")
      settle(mark, width_mm: 78)
    end

    def gauge
      piece("lamp-room gauge ring", "ring", {outer_mm: 60, hole_mm: 38}, "brass", "etched", "#c9a646").then do |mark|
        file(mark, Art::HourRing.svg, "Sector ring.svg") && method(mark, "heat-resist", "laser", stock: "resist-film")
      end
    end

    # enamel mugs, tapered: a band of lettering bent so that it runs level
    def mugs
      mark = piece(
        "enamel mugs, tapered",
        "cup",
        {top_mm: 84, foot_mm: 66, slant_mm: 78},
        "glazed",
        "gloss-paint",
        "#f2efe6",
        count: 6
      )
      letter(mark, "PELLOW NESS LIGHT", "bebas-neue", "11")
      Actions::PrepareArtwork.call(mark, [{"key" => "bend", "on" => true}])
      method(mark, "water-slide", "laser", stock: "clear-film")
      settle(mark, x_mm: 0, y_mm: -6)
    end

    # a casting plug, girths by tape
    def plug
      mark = piece("casting plug Dusk Herring", "loft", {
        stations: "0, 6\n12, 34\n30, 58\n50, 66\n70, 54\n86, 28\n95, 12"
      }, "wood", "sealed", "#b9c4c8", count: 3)
      file(mark, Art::HerringSide.svg, "Herring side.svg")
      settle(mark, width_mm: 84)
    end

    # its outline walked round on a photo with a card lying beside it
    def measured_from_photo(piece)
      Actions::MeasurePhoto.take(piece, Art::HeadstockPhoto.jpeg)
      marked = {
        reference: piece.photo["reference"],
        corners: Art::HeadstockPhoto.corners,
        lines: [Art::HeadstockPhoto.middle],
        trace: Art::HeadstockPhoto.outline
      }
      form = Forms::PhotoForm.new(
        {"mode" => "corners", "marked" => JSON.generate(marked), "rect_width" => "85.6", "rect_height" => "53.98"},
        photo: piece.photo
      )
      raise form.errors.inspect unless form.ok?
      Actions::MeasurePhoto.use_outline(piece, form)
    end

    # the maker's own moves

    def job(title, for_whom, days, note)
      Actions::SaveJob.call(Forms::JobForm
        .new({"title" => title, "for_whom" => for_whom, "due_on" => (@now.to_date + days).iso8601, "note" => note}))
    end

    def piece(name, shape, measures, material, finish, colour, count: 1)
      typed = {
        "name" => name,
        "shape" => shape,
        "material" => material,
        "finish" => finish,
        "colour" => colour,
        "count" => count.to_s
      }
      Actions::SavePiece.create(@job, Forms::PieceForm.new(typed.merge(measures.transform_values(&:to_s))))
    end

    def file(mark, bytes, name)
      form =
        Forms::ArtworkForm.new({"kind" => "file", "file" => Upload.new(bytes, name).to_h, "source" => "drawn by me"})
      Actions::AddArtwork.call(mark, form) or raise form.errors.inspect
    end

    def letter(mark, text, font, cap, **more)
      form =
        Forms::ArtworkForm
          .new({"kind" => "lettering", "text" => text, "font" => font, "cap_height" => cap, "source" => "set by me"}
            .merge(more.transform_keys(&:to_s)))
      Actions::AddArtwork.call(mark, form) or raise form.errors.inspect
    end

    def method(mark, way, printer, **more)
      form = Forms::MethodForm.new({way: way, printer: printer}.merge(more))
      Actions::ChooseMethod.call(mark, form) or raise form.errors.inspect
    end

    def settle(mark, **at) = Actions::PlaceMark.move(mark, mark.placement.with(**at))

    def lay(mark, copies, leftovers: false, with: [])
      Actions::LaySheet.call(mark, Forms::SheetForm
        .new({"copies" => copies.to_s, "paper" => "a4", "leftovers" => leftovers ? "1" : "", "with" => with}), @now)
    end

    def seal(mark, key) = Actions::ChooseSealer.call(mark, key)

    # a whole run, each step taking its least time and a little more
    def run(mark, start)
      run = Actions::RunMarks.start(mark, start)
      at = start
      run.steps_core.each do |step|
        at += step.least_s + [step.earliest_s.to_i, 20].max
        Actions::RunMarks.finish_step(run, step.key, at)
      end
    end

    def record(mark, results, faults)
      results.each_with_index do |result, i|
        Actions::RecordAttempt.call(
          mark,
          i + 1,
          Forms::AttemptForm.new({"result" => result, "faults" => faults.fetch(i + 1, []), "note" => ""})
        )
      end
    end

    def days_ago(days, hour) = (@now.to_date - days).to_time + hour * 3600
  end
end
