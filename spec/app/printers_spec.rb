# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "printers", :shop, :measured do
  let(:printer) do
    send_form "/printers", "name" => "upstairs", "kind" => "inkjet"
    Printer.last
  end
  let(:lengths) { {"top" => "170.6", "bottom" => "170.8", "left" => "256.2", "right" => "256.4", "diagonal" => "308"} }

  def measure(**more)
    send_form(
      "/printers/#{printer.id}/measured",
      {"way" => "rule", "paper" => "a4"}.merge(lengths).merge(more.transform_keys(&:to_s))
    )
  end

  it "are added with a name, and measured by rule" do
    expect(send_form("/printers", "name" => " ", "kind" => "inkjet").body).to match(/Give the printer a name/)
    expect(measure.status).to eq 303
    expect(printer.current.to_core.x_scale).to be_within(1e-9).of(170.7 / 170)
    get "/printers"
    expect(page_words).to match(/upstairs 100\.412 % × 99\.728 %/)
  end

  {
    {"top" => "0"} => /0 % of what was drawn/,
    {"left" => "500"} => /no printer has such an error/,
    {"right" => "long"} => /is not a length we can read/,
    {"diagonal" => "480"} => /does not fit the sides/,
    {"way" => "scan", "dpi" => "300"} => /Choose the scan/,
    {"way" => "scan", "dpi" => "fine"} => /dpi is a whole number/
  }.each do |fields, words|
    it "says at its field what is wrong with #{fields}, keeps the rest, and keeps no calibration" do
      answer = measure(**fields)
      expect([answer.status, page_words, Calibration.count]).to match [422, words, 0]
      expect(answer.body).to include('value="170.8"')
    end
  end

  it "refuses a cat, a drawing and half a file as a scan" do
    cat = Vips::Image.gaussnoise(600, 800, mean: 120, sigma: 40, seed: 4).cast(:uchar).jpegsave_buffer
    {
      cat => /no page of crosses/,
      "meow" => /cannot be read as a picture/,
      cat[0, 900] => /cannot be read as a picture|no page of crosses/
    }.each do |bytes, words|
      expect(measure(way: "scan", dpi: "300", scan: upload(bytes, "scan.jpg")).body).to match(words)
    end
  end

  it "undoes what was found in what is sent, once, and not in what is shown" do
    mark = ready_mark
    shown = -> { get("/marks/#{mark.id}/sheets/1.svg?show=1").body }
    plain = shown.call
    measure
    ink = mark.reload.pack.ink_box(mark.pack.cells.first)
    page = render_pdf(get("/marks/#{mark.id}/pack.pdf").body)
    # from the paper's middle, 170 ÷ 170.7 across and 257 ÷ 256.3 down
    wanted = {
      x_mm: 105 + (ink.x - 105) * 170 / 170.7,
      y_mm: 148.5 + (ink.y - 148.5) * 257 / 256.3,
      width_mm: 30 * 170 / 170.7,
      height_mm: 15 * 257 / 256.3
    }
    # it leans a little too
    expect(ink_found(page, wanted, dpi: 1200).values).to match(wanted.values.map { |v| be_within(0.12).of(v) })
    expect(shown.call).to eq plain
    get "/marks/#{mark.id}/sheet"
    expect(page_words).to match(/upstairs : its scale \(100\.412 % × 99\.728 %\) is corrected in these files/)
    send_form "/printers/#{printer.id}/changed"
    expect(mark.reload.own_printer.current).to be_nil
    get "/printers/#{printer.id}"
    expect(page_words).to match(/Not measured yet.*Earlier measurements.*ended/)
  end

  it "takes the bars of a print typed back: near enough, or measured from now on, on top of what was undone" do
    measure
    mark = ready_mark
    bars = ->(across, down) { send_form("/marks/#{mark.id}/bars", "across" => across, "down" => down) }
    bars["50.1", "49.9"]
    expect([page_words, printer.calibrations.size]).to match [/The bars : fine 50\.1 × 49\.9 mm/, 1]
    expect([bars["0", "50"].status, bars["500", "50"].status, bars["long", "50"].status, Calibration.count])
      .to eq [422, 422, 422, 1]
    bars["50.3", "50"]
    expect(page_words).to match(/The bars : watch 50\.3 × 50 mm/)
    # 170.7 ÷ 170 was undone, and it still comes out 50.3 ÷ 50 too wide
    expect(printer.reload.current.to_core.to_h.values_at(:x_scale, :y_scale))
      .to match [be_within(1e-9).of(170.7 / 170 * 50.3 / 50), be_within(1e-9).of(256.3 / 257)]
    [Calibration, Printer].each(&:delete_all)
    bars["0", "50"]
    expect(Printer.count).to eq 0
    bars["50.2", "50.2"]
    expect(mark.reload.own_printer).to have_attributes(name: "the inkjet", current: have_attributes(way: "bars"))
  end

  it "knows its dots, what it cannot reach and its trays, each asked which face it prints on" do
    answer = send_form(
      "/printers/#{printer.id}/profile",
      "dpi" => "many",
      "trays" => "lower, rear",
      "margin_left" => "wide",
      "margin_top" => "12"
    )
    expect([answer.status, answer.body.include?('value="wide"'), page_words])
      .to match [422, true, /Dots an inch is a whole number.*is not a length we can read/]
    send_form(
      "/printers/#{printer.id}/profile",
      "dpi" => "1200",
      "trays" => "lower, rear",
      "margin_left" => "4.2",
      "margin_top" => "12",
      "queue" => "made up"
    )
    expect(printer.reload).to have_attributes(dpi: 1200, margins_mm: {"left" => 4.2, "top" => 12.0}, queue: nil)
    send_form "/printers/#{printer.id}/feed", "face" => "up", "tray" => "rear"
    send_form("/printers/#{printer.id}/profile", "dpi" => "600", "trays" => "rear, upper")
    expect(printer.reload.tray_faces).to eq [["rear", "up"], ["upper", nil]]
    get "/marks/#{ready_mark.id}/sheet"
    expect(page_words).to match(/Load the shiny side , facing up in the rear tray/)
    expect(last_response.body).to include("PNG, 600 dpi")
  end

  it "sends a print to a queue of this machine, at its true size, or says why it did not go" do
    bin = File.join(HOME, "bin").tap { |dir| FileUtils.mkdir_p(dir) }
    {
      "lpstat" => "echo workshop",
      "lp" => "echo \"$@\" > #{HOME}/sent; cp \"${@: -1}\" #{HOME}/sent.pdf; [ ! -e #{HOME}/jam ] || { echo out of " \
        "paper; exit 1; }"
    }.each do |name, script|
      File.write("#{bin}/#{name}", "#!/bin/bash\n#{script}\n").then { File.chmod(0o755, "#{bin}/#{name}") }
    end
    path = ENV["PATH"]
    ENV["PATH"] = "#{bin}:#{path}"
    mark = ready_mark
    expect(send_form("/marks/#{mark.id}/send", "sheet" => "1").body).to match(/Add it first/)
    send_form("/printers/#{printer.id}/profile", "dpi" => "600", "queue" => "workshop")
    expect(send_form("/marks/#{mark.id}/send", "sheet" => "1").status).to eq 303
    expect(File.read("#{HOME}/sent")).to include("-d workshop", "print-scaling=none", "Custom.210.0x297.0mm")
    where = area(mark.pack.ink_box(mark.pack.cells.first))
    expect(ink_found(render_pdf(File.binread("#{HOME}/sent.pdf"), dpi: 600), where, dpi: 600).values)
      .to match(where.values.map { |v| be_within(0.06).of(v) })
    File.write("#{HOME}/jam", "")
    expect(send_form("/marks/#{mark.id}/send", "sheet" => "1").body).to match(/out of paper/)
  ensure
    ENV["PATH"] = path
  end

  it "asks one question about which face it prints on, and says it with the sheet" do
    mark = ready_mark
    send_form "/printers/#{printer.id}/feed", "face" => "sideways"
    expect(printer.reload.prints_face).to be_nil
    send_form "/printers/#{printer.id}/feed", "face" => "down"
    get "/marks/#{mark.id}/sheet"
    expect(page_words).to match(/Load the shiny side , facing down/)
  end

  it "keeps wet ink off its rollers' tracks, on a fresh sheet and on what is left of one" do
    expect(send_form("/printers/#{printer.id}/faults", "rollers_mm" => "52, far", "ghost_mm" => "").body)
      .to match(/is not a length we can read/)
    send_form "/printers/#{printer.id}/faults", "rollers_mm" => "2 in, 158", "ghost_mm" => "94"
    expect(printer.reload).to have_attributes(rollers_mm: [50.8, 158.0], ghost_mm: 94.0)
    mark = ready_mark
    lay =
      ->(leftovers) { send_form "/marks/#{mark.id}/sheet", "copies" => "6", "paper" => "a4", "leftovers" => leftovers }
    # in rows they would; so they are laid beside the tracks, however often they are laid
    2.times { lay[""] }
    get "/marks/#{mark.id}/sheet"
    expect(page_words).to match(/Under the rollers 0 of 6/)
    expect(mark.reload.rows_under_rollers?).to be true
    send_form "/drawer", "stock" => "label-backing", "printer" => "inkjet", "size" => "a4", "used" => "0, 0, 210, 60"
    lay["1"]
    get "/marks/#{mark.id}/sheet"
    expect(page_words).to match(/Under the rollers 0 of 6/)
    xs = mark.reload.cut_lines.first.except("SHEET").values.map { |paths| paths.first.box }
    # half a track and the gap
    expect(xs.map { |b| [50.8, 158.0].map { |x| [b.x - x, x - b.right].max }.min }.min).to be >= 4 - 1e-6
  end

  it "lays a mark that is wider than there is between two tracks across them, and says so" do
    send_form "/printers/#{printer.id}/faults", "rollers_mm" => "52, 140", "ghost_mm" => ""
    mark = ready_mark(width_mm: "190", height_mm: "120")
    send_form "/marks/#{mark.id}/place", "width" => "160"
    send_form "/drawer", "stock" => "label-backing", "printer" => "inkjet", "size" => "a4", "used" => "0, 0, 210, 60"
    expect(send_form("/marks/#{mark.id}/sheet", "copies" => "2", "paper" => "a4", "leftovers" => "1").status).to eq 303
    expect(mark.reload.layout.copies).to eq 2
    get "/marks/#{mark.id}/sheet"
    expect(page_words).to match(/Under the rollers : watch 2 of 2/)
  end

  it "gives its pages as files, a second one only when something was found, and no tray to a real printer" do
    codes = ->(*paths) { paths.map { |path| get("/printers/#{printer.id}/#{path}").status } }
    expect(codes["crosses.pdf?paper=letter", "feed.pdf", "second.pdf", "mystery.pdf", "tray/sheet.png"])
      .to eq [200, 200, 404, 404, 404]
    measure
    expect(codes["second.pdf"]).to eq [200]
    expect(send_form("/printers/#{printer.id}/print", "which" => "crosses").status).to eq 404
  end

  # the same at the real page is the drawer's system spec
  it "is found out through the simulated printer and scanner, with no hardware", slow: true do
    inkjet = Printer.create!(name: "Kitchen table inkjet", kind: "inkjet", simulated: "kitchen-inkjet")
    path = "/printers/#{inkjet.id}"
    send_form "#{path}/scan"
    expect(get("#{path}/tray/scan.png").status).to eq 404
    send_form "#{path}/print", "which" => "crosses"
    send_form "#{path}/scan"
    expect(get("#{path}/tray/scan.png").status).to eq 200
    send_form "#{path}/measured", "way" => "scan", "from" => "scanner"
    hidden = inkjet.device.faults
    expect(inkjet.reload.current.to_core.to_h.values_at(:x_scale, :y_scale))
      .to match [be_within(2e-4).of(hidden.x_scale), be_within(2e-4).of(hidden.y_scale)]
    send_form "#{path}/print", "which" => "second"
    send_form "#{path}/scan"
    send_form "#{path}/measured", "way" => "scan", "from" => "scanner", "second" => "1"
    expect(page_words).to match(/Second page: error over 200 mm : fine 0(\.0\d)? mm/)
    expect(inkjet.reload.calibrations.size).to eq 1
  end
end
