# frozen_string_literal: true

require_relative "../shop_helper"
require "json"
require "command_line/runner"

RSpec.describe "simulated devices", :shop, :measured do
  let(:a4) { UpClose::Printing::Paper.fetch("a4") }
  let(:dpi) { Devices::Simulated::Printer.fetch("harbour-laser").dpi }

  def pdf(*items)
    UpClose::Formats::PDF::Writer
      .new([UpClose::Printing::Page.new(paper: a4, items: items)], fonts: types[:paths], title: "t")
      .call
  end

  def block(x, y, width, height) = UpClose::Printing::Items::Block.new(box(x, y, width, height))

  def print(key, *items) = Devices::Simulated::Printer.fetch(key).print(pdf(*items), width_mm: 210, height_mm: 297)

  # the middle grey of a place, mm
  def grey_at(sheet, x, y, size = 2)
    sheet.crop(
      ((x - size / 2.0) * dpi / 25.4).round,
      ((y - size / 2.0) * dpi / 25.4).round,
      (size * dpi / 25.4).round,
      (size * dpi / 25.4).round
    ).avg
  end

  # the one contract, whatever the device
  shared_examples "a device" do |wanted|
    # the one that cannot do what is asked
    let(:refusing) { device }

    it "has a name, hands over what it made, and says why where it could not, in one kind of error" do
      expect(device.name).to be_a(String).and match(/\A\p{Lu}/)
      made = device.ask(**good)
      expect(made).to have_attributes(ok?: true, error: nil, value: wanted, frozen?: true)
      refused = refusing.ask(**bad)
      expect(refused).to have_attributes(ok?: false, value: nil, error: be_a(UpClose::Errors::DeviceRefused))
      expect(refused.error.sentence).to match(/\A\p{Lu}.*\.\z/m)
      expect { refused.value! }.to raise_error(UpClose::Errors::DeviceRefused)
    end
  end

  describe Devices::Simulated::Printer do
    it_behaves_like "a device", /\A.PNG/n do
      let(:device) { described_class.fetch("kitchen-inkjet") }
      let(:small) { {width_mm: 40.0, height_mm: 30.0} }
      let(:good) { {pdf: pdf(block(5, 5, 10, 10)), **small} }
      let(:bad) { {pdf: "no page", **small} }
    end
  end

  describe Devices::Simulated::Scanner do
    it_behaves_like "a device", /\A.PNG/n do
      let(:device) { described_class.new }
      let(:good) { {sheet: (Vips::Image.black(300, 200) + 200).cast(:uchar).pngsave_buffer, sheet_dpi: 300} }
      let(:bad) { {sheet: "no picture", sheet_dpi: 300} }
    end
  end

  describe Devices::Simulated::Camera do
    it_behaves_like "a device", /\A\xFF\xD8/n do
      let(:device) { described_class.new(sensor: [800, 600]) }
      let(:good) { {coupon: UpClose::Coupons.build("small"), leaves: Devices::Simulated::LeftBehind.new} }
      let(:bad) { {coupon: nil, leaves: Devices::Simulated::LeftBehind.new} }
    end
  end

  describe Devices::Simulated::RoomMeter do
    it_behaves_like "a device", Devices::Simulated::RoomMeter::Reading do
      let(:device) { described_class.new }
      let(:good) { {at: Time.now} }
      let(:bad) { {at: nil} }
    end
  end

  describe Devices::Queue do
    # a stand-in for the system's own command: it takes what goes to the workshop
    around do |example|
      Dir.mktmpdir do |folder|
        File.write("#{folder}/lp", "#!/bin/sh\n[ \"$2\" = Workshop ] || { echo No such queue. ; exit 1; }\n")
        File.chmod(0o755, "#{folder}/lp")
        was, ENV["PATH"] = ENV["PATH"], "#{folder}:#{ENV["PATH"]}"
        example.run
      ensure
        ENV["PATH"] = was
      end
    end

    it_behaves_like "a device", nil do
      let(:device) { described_class.new("Workshop") }
      let(:good) { {pdf: "%PDF", width_mm: 210.0, height_mm: 297.0} }
      let(:refusing) { described_class.new("Elsewhere") }
      let(:bad) { good }
    end
  end

  # what any printer here must do, whatever its faults
  Devices::Simulated::Printer::ALL.each_key do |key|
    it "prints a sheet of its own size, cannot reach the edge, and prints the same page the same way again: #{key}",
      slow: key != "kitchen-inkjet" do
      sheet = print(key, block(0, 0, 210, 297))
      faults = Devices::Simulated::Printer.fetch(key).faults
      expect([sheet.width, sheet.height]).to eq [(210 * dpi / 25.4).round, (297 * dpi / 25.4).round]
      expect(grey_at(sheet, 105, faults.margin_mm / 2)).to be > 225
      expect(grey_at(sheet, 105, 150)).to be < 60
      expect((sheet - print(key, block(0, 0, 210, 297))).abs.max).to eq 0
    end

    it "moves, stretches and leans a page by what it hides: #{key}" do
      hidden = Devices::Simulated::Printer.fetch(key).faults
      known = UpClose::Printing::Calibration.new(
        x_scale: hidden.x_scale,
        y_scale: hidden.y_scale,
        skew_deg: hidden.skew_deg,
        turn_deg: hidden.turn_deg,
        offset: point(*hidden.offset_mm)
      )
      sheet = print(key, block(60, 240, 4, 4))
      # within the dark block's own box, where its corners come to lie
      corners = box(60, 240, 4, 4).corners.map { |p| known.map.apply(p) }
      wanted = UpClose::Geometry::Box.around(corners)
      expect(ink_found(sheet, area(wanted), dpi: dpi).values)
        .to match(area(wanted).values.map { |v| be_within(0.12).of(v) })
    end
  end

  it "leaves a ghost a drum's turn further down, and roller tracks in what is wet" do
    ghost = print("harbour-laser", block(80, 60, 40, 20))
    expect(grey_at(ghost, 100, 70 + 94.2)).to be < grey_at(ghost, 100, 130) - 8
    tracks = print("kitchen-inkjet", block(30, 100, 150, 40))
    expect(grey_at(tracks, 52.6, 120, 0.6)).to be > grey_at(tracks, 70, 120) + 30
  end

  it "scans at its own dpi, the sheet turned on a dark bed, and says its dpi in the file" do
    sheet = print("harbour-laser", block(40, 40, 100, 3))
    scan = Vips::Image.new_from_buffer(Devices::Simulated::Scanner.new.scan(sheet, sheet_dpi: dpi, turn_deg: 2.0), "")
    expect((scan.xres * 25.4).round).to eq 300
    expect([scan.getpoint(20, 20).first, scan.avg]).to match [be_within(20).of(60), be_between(150, 250)]
    # the bar climbs by its turn on the printer's paper and in the scanner
    middles = [900, 1500].map do |x|
      scan.crop(x, 400, 1, 400).to_a.flatten.each_index.select { |y|
        scan.getpoint(x, 400 + y).first < 110
      }.then do |dark|
        dark.sum / dark.size.to_f
      end
    end
    expect((middles[1] - middles[0]) / 600).to be_within(0.002).of(Math.tan(2.25 * Math::PI / 180))
  end

  it "keeps what lies in a tray, whole, and takes no names that lead elsewhere" do
    tray = Shelves::DeviceTray.new(File.join(HOME, "tray"), "harbour-laser")
    expect(tray.take).to be_nil
    tray.lay("first")
    tray.lay("second")
    expect([tray.take, tray.take("scan")]).to eq ["second", nil]
    expect { Shelves::DeviceTray.new(HOME, "../../etc") }.to raise_error(ArgumentError)
  end

  it "lets the command line find a printer out, on the paper its crosses were printed for" do
    page = UpClose::Printing::Calibrating::CrossPage.new(UpClose::Printing::Paper.fetch("letter")).page
    device = Devices::Simulated::Printer.fetch("harbour-laser")
    sheet = device.print(
      UpClose::Formats::PDF::Writer.new([page], fonts: types[:paths], title: "t").call,
      width_mm: 215.9,
      height_mm: 279.4
    )
    file = File.join(HOME, "crosses.png")
    File.binwrite(file, Devices::Simulated::Scanner.new.scan(sheet, sheet_dpi: device.dpi, turn_deg: -1.2))
    out, err = StringIO.new, StringIO.new
    expect(CommandLine::Runner.call(["calibrate", file, "--dpi", "300"], out: out, err: err)).to eq 0
    told = JSON.parse(out.string)
    expect(told).to include(
      "paper" => "letter",
      "x_scale" => be_within(2e-4).of(device.faults.x_scale),
      "y_scale" => be_within(2e-4).of(device.faults.y_scale),
      "skew_deg" => be_within(0.02).of(device.faults.skew_deg),
      "residual_mm" => be < 0.05
    )
    expect(CommandLine::Runner.call(["calibrate", file, "--dpi", "300", "--paper", "a4"], out: out, err: err)).to eq 1
    expect(err.string).to match(/from where this paper's page has them|missing/)
  end

  describe UpClose::Printing::Calibrating::Fit do
    it "is exact where there is nothing to fit, and the plain mean where there is" do
      map = UpClose::Geometry::Transform.new(1.01, 0.02, -0.03, 0.98, 4, -5)
      places = [[0, 0], [10, 0], [0, 10], [7, 9]].map { |x, y| point(x, y) }
      expect(described_class.call(places.map { |p| [p, map.apply(p)] }).to_a)
        .to match(map.to_a.map { |v| be_within(1e-12).of(v) })
      # four corners of a square, one moved out by 4: the middle of
      # the square moves by 1, its slope by 4 ÷ (4 × 5) each way
      square = [[-5, -5], [5, -5], [5, 5], [-5, 5]].map { |x, y| point(x, y) }
      moved = square.each_with_index.map { |p, i| [p, (i == 2) ? p + point(4, 0) : p] }
      expect(described_class.call(moved).to_a).to match [1.2, 0, 0.2, 1, 1, 0].map { |v| be_within(1e-12).of(v) }
    end
  end

  it "prints a mark's sheet to the tray, what the loaded sheet no longer has left dark, and shows it among " \
    "the devices" do
    mark = ready_mark(method_key: "water-slide", printer: "laser")
    laser = Printer.create!(name: "Harbour office laser", kind: "laser", simulated: "harbour-laser")
    send_form "/drawer", "stock" => "clear-film", "printer" => "laser", "size" => "a4", "used" => "0, 0, 210, 100"
    send_form "/marks/#{mark.id}/sheet", "copies" => "1", "paper" => "a4", "leftovers" => "1"
    expect(send_form("/marks/#{mark.id}/send", "sheet" => "2").body).to match(/There is no sheet 2/)
    expect(send_form("/marks/#{mark.id}/send", "sheet" => "1").headers["Location"])
      .to end_with("/devices#device-#{laser.id}")
    sheet = Vips::Image.new_from_buffer(get("/printers/#{laser.id}/tray/sheet.png?whole=1").body, "")
    place = mark.reload.layout.sheets.first.places.first
    expect([grey_at(sheet, 105, 50), grey_at(sheet, place.x, place.y)]).to match [be_within(15).of(60), be < 70]
    get "/devices"
    expect(page_words).to match(/Harbour office laser.*Put it on the scanner/)
    send_form "/printers/#{laser.id}/scan", "from" => "devices"
    expect(last_response.headers["Location"]).to include("/devices#")
  end
end
