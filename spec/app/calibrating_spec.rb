# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "printed true", :measured do
  let(:a4) { UpClose::Printing::Paper.fetch("a4") }
  let(:crosses) { UpClose::Printing::Calibrating::CrossPage.new(a4) }

  def pdf(page) = UpClose::Formats::PDF::Writer.new([page], fonts: types[:paths], title: "t").call

  def printer(key = "harbour-laser") = Devices::Simulated::Printer.fetch(key)

  def scanned(sheet, turn_deg: 0.0, dpi: 300)
    Vips::Image.new_from_buffer(
      Devices::Simulated::Scanner.new(dpi: dpi).scan(sheet, sheet_dpi: printer.dpi, turn_deg: turn_deg),
      ""
    )
  end

  # a page as a printer leaves it; the same one is not printed twice
  trays = Hash.new do |all, (printer, page, bytes)|
    all[[printer, page, bytes]] = Devices::Simulated::Printer.fetch(printer)
      .print(bytes, width_mm: 210, height_mm: 297)
      .copy_memory
  end
  define_method(:printed) { |page = crosses.page, by: "harbour-laser"| trays[[by, page.items.size, pdf(page)]] }

  def calibration(image, dpi: 300, page: crosses)
    UpClose::Printing::Calibrating::Scan.new(image, dpi: dpi, page: page).calibration
  end

  describe UpClose::Printing::Calibrating::Scan do
    [["harbour-laser", 0.0], ["kitchen-inkjet", 3.0], ["harbour-laser", -2.3]].each do |key, turn|
      it "finds the hidden faults of #{key} in a noisy scan turned by #{turn}°, to 0.02 % and 0.02°",
        slow: turn.zero? do
        found, hidden = calibration(scanned(printed(by: key), turn_deg: turn)), printer(key).faults
        expect([found.x_scale / hidden.x_scale, found.y_scale / hidden.y_scale]).to all(be_within(2e-4).of(1))
        expect(found.skew_deg).to be_within(0.02).of(hidden.skew_deg)
        expect([found.residual_mm, found.crosses]).to match [be < 0.05, 35]
        # the sheet's own edges, on the dark bed
        expect([
          found.offset.x - hidden.offset_mm[0],
          found.offset.y - hidden.offset_mm[1],
          found.turn_deg - hidden.turn_deg
        ])
          .to match [be_within(0.05).of(0), be_within(0.05).of(0), be_within(0.02).of(0)]
      end
    end

    it "does not mind a sheet laid in upside down, or crosses cut off at a corner" do
      sheet = printed
      expect(calibration(scanned(sheet, turn_deg: 180))).to have_attributes(
        x_scale: be_within(2e-4).of(printer.faults.x_scale),
        offset: have_attributes(x: be_within(0.05).of(0.8), y: be_within(0.05).of(-0.6))
      )
      stained = sheet.draw_rect([255], 2333, 600, 667, 1000, fill: true)
      expect(calibration(scanned(stained)))
        .to have_attributes(crosses: be_between(28, 34), x_scale: be_within(2e-4).of(printer.faults.x_scale))
    end

    it "leaves the offset open where the sheet's edges do not show, and what was found otherwise stands" do
      scan = scanned(printed)
      cropped = scan.crop(170, 170, scan.width - 340, scan.height - 340)
      expect(calibration(cropped))
        .to have_attributes(offset: nil, turn_deg: 0.0, x_scale: be_within(2e-4).of(printer.faults.x_scale))
    end

    it "refuses another page, another paper, a blurred scan, missing crosses and no crosses, in plain words" do
      scan = scanned(printed)
      letter = UpClose::Printing::Calibrating::CrossPage.new(UpClose::Printing::Paper.fetch("letter"))
      expect { calibration(scan, page: letter) }
        .to refuse_saying(/from where this paper's page has them|crosses are missing/, at: :scan)
      expect { calibration(scan, dpi: 600) }.to refuse_saying(/crosses were found/, at: :scan)
      expect { calibration(scan.crop(0, 0, 2600, 2300)) }.to refuse_saying(/missing|from where/, at: :scan)
      expect { calibration(scan.gaussblur(14)) }.to refuse_saying(/no page of crosses/, at: :scan)
      expect { calibration(Vips::Image.gaussnoise(900, 1200, mean: 128, sigma: 50, seed: 2).cast(:uchar)) }
        .to refuse_saying(/no page of crosses|block beside/, at: :scan)
      expect { calibration(scan, dpi: 20) }.to refuse_saying(/20 dots/, at: :dpi)
    end
  end

  {"harbour-laser" => true, "kitchen-inkjet" => false}.each do |key, slow|
    it "comes out true once what was found is undone: 200 mm within 0.05, on #{key}", slow: slow do
      found = calibration(scanned(printed(by: key), turn_deg: 1.1))
      second = calibration(scanned(printed(crosses.page.drawn_by(found.undo(a4)), by: key), turn_deg: -0.6))
      expect([second.x_scale, second.y_scale].map { |scale| (scale - 1).abs * 200 }.max).to be < 0.05
      expect(Math.tan(second.skew_deg.abs * Math::PI / 180) * 200).to be < 0.07
      expect([second.offset.x, second.offset.y].map(&:abs).max).to be < 0.12
    end
  end

  it "draws the same map into PDF, SVG and PNG, about the paper's middle" do
    page = UpClose::Printing::Page.new(
      paper: a4,
      items: [[20, 20], [180, 260]].map { |x, y| UpClose::Printing::Items::Block.new(box(x, y, 10, 10)) }
    )
    undone = page.drawn_by(UpClose::Printing::Calibration.new(x_scale: 1.02, y_scale: 0.99).undo(a4))
    # 105 − 85 ÷ 1.02 and 148.5 − 128.5 ÷ 0.99; 10 ÷ 1.02 and 10 ÷ 0.99 large
    wanted = {x_mm: 105 - 85 / 1.02, y_mm: 148.5 - 128.5 / 0.99, width_mm: 10 / 1.02, height_mm: 10 / 0.99}
    svg = Vips::Image.svgload_buffer(
      UpClose::Formats::SVG::Writer.new(undone, faces: types[:faces], title: "t").call,
      dpi: 1200
    )
    png = Vips::Image.new_from_buffer(UpClose::Formats::PNG::Writer.new(pdf(undone), dpi: 1200).call, "")
    [render_pdf(pdf(undone)), grey(svg), grey(png)].each do |image|
      expect(ink_found(image, wanted, dpi: 1200).values).to match(wanted.values.map { |v| be_within(0.03).of(v) })
    end
  end

  describe UpClose::Printing::Calibration do
    it "undoes what it knows: there and back is where one began" do
      known =
        described_class.new(x_scale: 1.004, y_scale: 0.997, skew_deg: 0.3, turn_deg: 0.5, offset: point(0.8, -0.6))
      crosses.crosses.each { |p| expect(known.map.apply(known.undo(a4).apply(p)).distance(p)).to be < 1e-9 }
      # without the paper's edges, about the paper's middle
      bare = described_class.new(x_scale: 1.004, y_scale: 0.997)
      expect(bare.undo(a4).apply(point(105, 148.5)).distance(point(105, 148.5))).to be < 1e-9
      expect(bare.undo(a4).apply(point(205, 148.5)).x).to be_within(1e-9).of(105 + 100 / 1.004)
    end

    it "reads its figures back from a map, turned or not" do
      known = described_class.new(x_scale: 1.01, y_scale: 0.98, skew_deg: -0.7, turn_deg: 0.4, offset: point(1, 2))
      back = described_class.from_map(known.map, known_frame: true)
      expect(back.to_h.values_at(:x_scale, :y_scale, :skew_deg, :turn_deg))
        .to match [1.01, 0.98, -0.7, 0.4].map { |v| be_within(1e-9).of(v) }
      scan = described_class.from_map(known.map.then(UpClose::Geometry::Transform.turn(2)), known_frame: false)
      expect([scan.skew_deg, scan.offset]).to match [be_within(1e-9).of(-0.7), nil]
    end
  end

  describe UpClose::Printing::Calibrating::ByRule do
    # 170 × 257 between the outer crosses
    def measured(**lengths)
      described_class
        .call(crosses, top: 170.0, bottom: 170.0, left: 257.0, right: 257.0, diagonal: Math.hypot(170, 257), **lengths)
    end

    it "takes five lengths: scales by means, skew by the cosine rule" do
      expect(measured.to_h.values_at(:x_scale, :y_scale, :skew_deg))
        .to match [be_within(1e-9).of(1), be_within(1e-9).of(1), be_within(1e-9).of(0)]
      found = measured(top: 170.6, bottom: 170.8, left: 256.2, right: 256.4)
      expect([found.x_scale, found.y_scale]).to match [be_within(1e-9).of(170.7 / 170), be_within(1e-9).of(256.3 / 257)]
      # leaning by 1°: d² = 170² + 257² + 2 × 170 × 257 × sin 1°
      leaning = measured(diagonal: Math.sqrt(170**2 + 257**2 + 2 * 170 * 257 * Math.sin(Math::PI / 180)))
      expect(leaning.skew_deg).to be_within(1e-9).of(1)
    end

    it "refuses 0, 500 and a diagonal that goes with nothing, each at its field" do
      expect { measured(top: 0.0) }.to refuse_saying(/0 % of what was drawn/, at: :top)
      expect { measured(left: 500.0) }.to refuse_saying(/no printer has such an error/, at: :left)
      expect { measured(diagonal: 500.0) }.to refuse_saying(/does not fit the sides/, at: :diagonal)
    end
  end
end
