# frozen_string_literal: true

require_relative "served_shop"

# A page while nobody listens for changes, and while two hundred do.
module Bench
  listening = 200
  ServedShop.open do |shop|
    shop.page_s("/jobs", 60)
    alone = shop.page_s("/jobs", 200)
    sockets = Array.new(listening) do
      TCPSocket.new("127.0.0.1", shop.port).tap { |io| io.write("GET /changes HTTP/1.1\r\nHost: localhost\r\n\r\n") }
    end
    # each is told what stands before anything is measured
    heard = sockets.count { |io| io.wait_readable(10) && io.readpartial(4096).start_with?("HTTP/1.1 200") }
    with = shop.page_s("/jobs", 200)
    again = sockets.each(&:close) && shop.page_s("/jobs", 200)
    times = (with / [alone, again].min).round(2)
    report("a page with #{heard} listening", "#{ms(with)}, #{times} × #{ms(alone)}", "1.2 ×")
  end
end
