# frozen_string_literal: true

# Takes one picture of each main view, of the demo in a shop of its own.
require "tmpdir"
ENV["UP_CLOSE_HOME"] = home = Dir.mktmpdir("up-close-screens")
at_exit { FileUtils.rm_rf(home) }
require_relative "../config/boot"
require "ferrum"
require "puma"
require "puma/server"

Database.migrate
Database.load_demo

Actions::LookAtArtwork.the_rest
server = Puma::Server.new(Web, nil, {log_writer: Puma::LogWriter.null})
port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
server.run

mark = ->(name) { Mark.all.find { |m| m.title == name }.id }
rose, light, board = mark["Compass rose"], mark["Pellow Ness Light"], mark["Name board"]
lid = Mark.find(mark["Beams"]).piece
run, batch = Run.where(ended_at: nil).order(:id).partition { |one| one.pieces == 1 }.map { |runs| runs.first.id }
spoilt = Attempt.where.not(run_id: nil).where(method_key: "gel-medium").last.id
# a word printed without a piece
typed = {"text" => "SANDPIPER", "width" => "60", "method_key" => "solvent-rub", "printer" => "laser"}
loose = Actions::JustPrint.call(Forms::PrintForm.new(typed)).id
DESK, PHONE = [1280, 800], [390, 844]
PICTURES = {
  "bench" => ["/", DESK], "job-card" => ["/jobs/#{Job.first.id}", DESK],
  "artwork" => ["/marks/#{light}/artwork", DESK],
  "board" => ["/boards/#{Board.first.id}", DESK],
  "bath" => ["/marks/#{Mark.find_by(afterwards: "etch").id}/bath", DESK],
  "method" => ["/marks/#{rose}/method", DESK], "place" => ["/marks/#{rose}/place", DESK],
  "compose" => ["/pieces/#{lid.id}/compose?active=#{mark["Tower"]}", DESK],
  "seen" => ["/pieces/#{lid.id}/seen?left=clear&right=white", DESK],
  "timetable" => ["/timetable", DESK], "sheet" => ["/marks/#{board}/sheet", DESK],
  "run-phone" => ["/runs/#{run}", PHONE],
  "printer" => ["/printers/#{Printer.first.id}", DESK],
  "record" => ["/methods/heat-resist/record", DESK], "coupon" => ["/coupons/#{Coupon.first.id}", DESK],
  "print" => ["/print/#{loose}", DESK], "compare" => ["/marks/#{mark["Prize herring"]}/compare", DESK],
  "wrong-phone" => ["/attempts/#{spoilt}/wrong", PHONE],
  "run-batch" => ["/runs/#{batch}", DESK]
}.freeze

folder = File.join(__dir__, "screenshots")
FileUtils.mkdir_p(folder)
PICTURES.slice(*(ARGV.empty? ? PICTURES.keys : ARGV)).each do |name, (path, (width, height), theme)|
  browser = Ferrum::Browser.new(
    browser_path: "/usr/bin/chromium",
    browser_options: {"no-sandbox" => nil},
    process_timeout: 30,
    window_size: [width, height]
  )
  browser.page
    .command("Emulation.setDeviceMetricsOverride", width: width, height: height, deviceScaleFactor: 1, mobile: false)
  browser.page
    .command("Emulation.setEmulatedMedia", features: [{name: "prefers-color-scheme", value: theme || "light"}])
  browser.go_to("http://127.0.0.1:#{port}#{path}")
  browser.network.wait_for_idle
  sleep 1.2
  browser.screenshot(path: File.join(folder, "#{name}.png"))
  browser.quit
  puts name
end
server.stop(true)
