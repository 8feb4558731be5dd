# frozen_string_literal: true

module Demo
  # What the shop holds before any job: printers, packs and prices, part-used sheets, its hours.
  module Shop
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
        "clear-coat" => [1190, 400],
        "baking-medium" => [1450, 30],
        "spray-acrylic-clear" => [1190, 400],
        "clear-parcel-tape" => [240, 6600],
        "aluminium-tape" => [890, 4500],
        "cotton-swabs" => [150, 100]
      }.each do |supply, (cents, amount)|
        SupplyPrice.create!(supply: supply, pack_cents: cents, pack_amount: amount)
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

    # the maker works evenings only
    def evenings
      ShopTime.keep(ShopTime::USUAL.merge(
        "week" => (1..5).to_h { |day| [day.to_s, [[1140, 1320]]] },
        "temperature_c" => 17,
        "humidity" => 66
      ))
    end
  end
end
