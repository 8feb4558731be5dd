# frozen_string_literal: true

# From bin/demo to the first answer, on a machine that is set up.
require "net/http"
require "socket"

module Bench
  starts = %w[first again].to_h do |which|
    port = TCPServer.open("127.0.0.1", 0) { |s| s.addr[1] }
    home = (@start_home ||= Dir.mktmpdir("up-close-start"))
    pid = nil
    took = seconds do
      pid = spawn(
        {"UP_CLOSE_PORT" => port.to_s, "UP_CLOSE_HOME" => home, "BUNDLE_WITHOUT" => nil},
        File.join(Settings::ROOT, "bin/demo"),
        out: File::NULL
      )
      begin
        Net::HTTP.get_response(URI("http://127.0.0.1:#{port}/"))
      rescue Errno::ECONNREFUSED
        sleep 0.02
        retry
      end
    end
    Process.kill(:TERM, pid)
    Process.wait(pid)
    [which, took]
  end
  FileUtils.rm_rf(@start_home)
  report(
    "bin/demo to the first page",
    starts.map { |which, took| format("%s %.2f s", which, took) }.join(", "),
    "under 3 s"
  )
end
