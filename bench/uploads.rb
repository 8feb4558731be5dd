# frozen_string_literal: true

# A shop of its own: how much the server holds over many uploads, and how long an unrelated page takes
# while a file that does harm is looked at.
#   ruby bench/uploads.rb [how many, 500 at first]
require "net/http"
require "socket"
require "tmpdir"
$LOAD_PATH.unshift File.expand_path("../lib", __dir__), File.expand_path("../spec/support", __dir__)
require "bundle"
require "up_close"
require "workers"
require "rspec/core"
require "vips"
require "raw_pdf"
require "brought"

# The shop as a browser meets it.
class Uploads
  include RawPDF

  attr_reader :pid

  def initialize(home)
    @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
    @pid = spawn(
      {"UP_CLOSE_HOME" => home, "UP_CLOSE_PORT" => @port.to_s},
      RbConfig.ruby,
      File.expand_path("../config/serve.rb", __dir__),
      out: File::NULL
    )
    @http = Net::HTTP.new("127.0.0.1", @port)
    @http.read_timeout = 120
    wait
  end

  def close = Process.kill(:TERM, pid)

  def resident_mb = Workers::Usage.resident_bytes(pid) / 1_000_000

  def get(path) = @http.request(Net::HTTP::Get.new(path, {"Cookie" => @cookie.to_s})).tap { |answer| kept(answer) }

  def send_form(path, fields)
    request = Net::HTTP::Post.new(path, {"Cookie" => @cookie.to_s})
    request.set_form(
      {"authenticity_token" => @token, **fields}.map { |key, value| [key, *value] },
      "multipart/form-data"
    )
    Net::HTTP.start("127.0.0.1", @port, read_timeout: 120) { |http| http.request(request) }
  end

  # @return [String] the address of a mark's stages
  def mark
    @token = get("/jobs/new").body[/name="authenticity_token" value="([^"]+)"/, 1]
    job = send_form("/jobs", "title" => "Fair")["location"][%r{/jobs/\d+}]
    send_form(
      "#{job}/pieces", "name" => "plate", "shape" => "rectangle", "width_mm" => "60", "height_mm" => "40",
      "material" => "wood", "finish" => "sanded", "colour" => "#ecd9b0", "count" => "1"
    )["location"][%r{/marks/\d+}]
  end

  def upload(mark, bytes, name) = send_form("#{mark}/artwork", "kind" => "file", "file" => [bytes, {filename: name}])

  # ms, the middle of so many
  def page_ms(path, times)
    Array.new(times) do
      began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      get(path)
      (Process.clock_gettime(Process::CLOCK_MONOTONIC) - began) * 1000
    end.sort[times / 2]
  end

  def ordinary
    [
      *Brought::DRAWINGS.values.map { |_, svg| [svg, "a.svg"] },
      *Brought::PAGES.values.map { |_, operators, how| [raw_pdf(operators, **how), "a.pdf"] },
      *photos
    ]
  end

  private

  def photos
    image = Vips::Image.perlin(3000, 2000, cell_size: 200).linear(127, 128).cast(:uchar)
    [[image.jpegsave_buffer(Q: 85), "a.jpg"], [image.pngsave_buffer, "a.png"]]
  end

  def kept(answer) = @cookie = answer["set-cookie"]&.split(";")&.first || @cookie

  def wait
    300.times do
      return get("/jobs")
    rescue Errno::ECONNREFUSED
      sleep 0.1
    end
  end
end

Dir.mktmpdir do |home|
  shop = Uploads.new(home)
  mark = shop.mark
  shop.page_ms("/jobs", 41)
  usual = shop.page_ms("/jobs", 41)
  puts "server at first #{shop.resident_mb} MB; an unrelated page #{usual.round(1)} ms"
  hostile =
    [
      %(<svg #{Brought::HEAD} width="9000" height="9000"><filter id="f" x="-9" y="-9" width="99" height="99">),
      %(<feTurbulence baseFrequency=".9" numOctaves="900"/></filter><rect width="9000" height="9000" ),
      %(filter="url(#f)"/></svg>)
    ].join
  began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
  shop.upload(mark, hostile, "harm.svg")
  meanwhile = shop.page_ms("/jobs", 41)
  puts "while a file that does harm is looked at: #{meanwhile.round(1)} ms, #{(meanwhile / usual).round(2)} " \
    "times as long"
  shop.send_form("#{mark}/opening/stop", {})
  count = (ARGV.first || 500).to_i
  files = shop.ordinary
  answers = Array.new(count) do |i|
    puts "  after #{i}: #{shop.resident_mb} MB" if i.positive? && (i % 100).zero?
    shop.upload(mark, *files[i % files.size]).code
  end
  puts "after #{count} uploads #{shop.resident_mb} MB; answered #{answers.tally}; " \
    "#{(Process.clock_gettime(Process::CLOCK_MONOTONIC) - began).round} s"
ensure
  shop&.close
end
