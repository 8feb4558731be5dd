# frozen_string_literal: true

require "net/http"
require "socket"
require "tmpdir"
require "vips"
$LOAD_PATH.unshift File.expand_path("../spec/support", __dir__)
require "rspec/core"
require "raw_pdf"
require "brought"

module Bench
  # A shop with the demo story, served in a process of its own, as a browser meets it.
  class ServedShop
    include RawPDF

    # one request, with a cookie and a token of its own
    class Visitor
      def initialize(port)
        @http = Net::HTTP.new("127.0.0.1", port)
        @http.read_timeout = 300
        @http.keep_alive_timeout = 30
        @http.start
      end

      def get(path, **headers)
        answer = @http.request(Net::HTTP::Get.new(path, {"Cookie" => @cookie.to_s, **headers.transform_keys(&:to_s)}))
        @cookie = answer["set-cookie"]&.split(";")&.first || @cookie
        answer
      end

      def send_form(path, fields)
        @token ||= get("/jobs/new").body[/name="authenticity_token" value="([^"]+)"/, 1]
        request = Net::HTTP::Post.new(path, {"Cookie" => @cookie.to_s})
        request.set_form({"authenticity_token" => @token, **fields}.map { |k, v| [k, *v] }, "multipart/form-data")
        @http.request(request)
      end

      # @return [String] the address of a new mark's stages
      def mark
        job = send_form("/jobs", "title" => "Fair")["location"][%r{/jobs/\d+}]
        send_form(
          "#{job}/pieces", "name" => "plate", "shape" => "rectangle", "width_mm" => "60", "height_mm" => "40",
          "material" => "wood", "finish" => "sanded", "colour" => "#ecd9b0", "count" => "1"
        )["location"][%r{/marks/\d+}]
      end

      def upload(mark, bytes, name)
        send_form("#{mark}/artwork", "kind" => "file", "file" => [bytes, {filename: name}])
      end

      def close = @http.finish
    end

    attr_reader :pid, :port

    # @yield [ServedShop]
    def self.open
      Dir.mktmpdir("up-close-served") do |home|
        like_ours(home)
        shop = new(home)
        yield shop
      ensure
        shop&.close
      end
    end

    # the shop of the benches, as it is now
    def self.like_ours(home)
      database = File.join(home, File.basename(Settings.database[:database]))
      ActiveRecord::Base.connection.execute("VACUUM INTO #{ActiveRecord::Base.connection.quote(database)}")
      [Settings.originals, Settings.opened].each { |path| FileUtils.cp_r(path, home) if File.exist?(path) }
    end
    private_class_method :like_ours

    def initialize(home)
      @port = TCPServer.open("127.0.0.1", 0) { |server| server.addr[1] }
      @pid = spawn(
        {"UP_CLOSE_HOME" => home, "UP_CLOSE_PORT" => @port.to_s, "UP_CLOSE_HOST" => nil, "BUNDLE_WITHOUT" => nil},
        RbConfig.ruby, File.expand_path("../config/serve.rb", __dir__), out: File::NULL, err: File::NULL, pgroup: true
      )
      wait
    end

    def visitor = Visitor.new(port)

    def close
      Process.kill(:TERM, pid)
      Process.wait(pid)
    end

    def resident_mb = Workers::Usage.resident_bytes(pid) / 1_000_000

    # @return [Float] MB of the server and all that it started, shared pages counted once
    def together_mb = family.sum { |one| proportional_kb(one) } / 1000.0

    # s, the middle of so many
    def page_s(path, times)
      seen = visitor
      seen.get(path)
      Array.new(times) { Bench.seconds { seen.get(path) } }.sort[times / 2]
    end

    # files as makers bring them
    def ordinary
      [
        *Brought::DRAWINGS.values.map { |_, svg| [svg, "a.svg"] },
        *Brought::PAGES.values.map { |_, operators, how| [raw_pdf(operators, **how), "a.pdf"] },
        *photos(3000, 2000)
      ]
    end

    def photos(width, height)
      image = Vips::Image.perlin(width, height, cell_size: 200).linear(127, 128).cast(:uchar)
      [[image.jpegsave_buffer(Q: 85), "a.jpg"], [image.pngsave_buffer, "a.png"]]
    end

    private

    def family
      parents = Dir["/proc/[0-9]*/stat"].to_h { |path| parent_of(path) }
      found = [pid]
      found.each { |one| found.concat(parents.select { |_, parent| parent == one }.keys) }
    end

    # @return [Array(Integer, Integer)] a process and its parent
    def parent_of(stat)
      text = File.read(stat)
      [text.to_i, text[/\) \S (\d+)/, 1].to_i]
    rescue SystemCallError
      [0, 0]
    end

    def proportional_kb(process)
      File.read("/proc/#{process}/smaps_rollup")[/^Pss:\s+(\d+)/, 1].to_i
    rescue SystemCallError
      0
    end

    def wait
      600.times do
        return visitor.get("/jobs")
      rescue SystemCallError
        sleep 0.1
      end
    end
  end
end
