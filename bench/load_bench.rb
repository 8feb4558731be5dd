# frozen_string_literal: true

require_relative "served_shop"

# Fifty users for a minute: each works with a page for five to fifteen seconds, then asks for the next.
module Bench
  users, lasting = 50, 60
  took, wrong = Queue.new, Queue.new
  ServedShop.open do |shop|
    first = shop.visitor
    job = first.get("/jobs").body[%r{/jobs/\d+}]
    mark = first.get(job).body[%r{/marks/\d+}]
    pages = ["/", "/jobs", job, "/timetable", "/drawer", "/stock", "/methods", "/record", "/search?q=rose",
      *%w[measure artwork method place sheet apply seal record].map { |stage| "#{mark}/#{stage}" }]
    pages = pages.select { |path| first.get(path).code == "200" }
    until_s = Process.clock_gettime(Process::CLOCK_MONOTONIC) + lasting
    Array.new(users) { |i|
      Thread.new do
        chance, user = Random.new(i), shop.visitor
        sleep chance.rand(10.0)
        while Process.clock_gettime(Process::CLOCK_MONOTONIC) < until_s
          path, code = pages.sample(random: chance), nil
          took << seconds { code = user.get(path).code }
          wrong << [path, code] unless code == "200"
          sleep chance.rand(5.0..15.0)
        end
      rescue SystemCallError, IOError, Timeout::Error => error
        wrong << [path, error.class.name]
      end
    }.each(&:join)
    sorted = Array.new(took.size) { took.pop }.sort
    report("#{users} users, #{lasting} s, #{sorted.size} pages: 95 of 100 within",
      "#{ms(sorted[(sorted.size * 0.95).floor])}, half within #{ms(sorted[sorted.size / 2])}", "1 s")
    report("errors", wrong.size.to_s, "0")
    warn Array.new(wrong.size) { wrong.pop }.tally.inspect unless wrong.empty?
  end
end
