# frozen_string_literal: true

require_relative "served_shop"

# Everything heavy at once: large pictures brought, looked at, printed, and sheets laid, by forty at a time.
module Bench
  crowd = 40
  ServedShop.open do |shop|
    noise = Vips::Image.gaussnoise(2400, 2400, sigma: 40, mean: 128).cast(:uchar)
    picture = noise.bandjoin([noise.fliphor, noise.flipver]).copy(interpretation: :srgb).pngsave_buffer
    marks = shop.visitor.then { |one| Array.new(crowd / 4) { one.mark } }
    most, done = 0.0, false
    watching = Thread.new do
      until done
        most = [most, shop.together_mb].max
        sleep 0.1
      end
    end
    codes = Queue.new
    took = seconds do
      Array.new(crowd) { |i|
        Thread.new do
          user, mark = shop.visitor, marks[i % marks.size]
          codes << user.upload(mark, picture, "large.png").code
          codes << user.get("#{mark}/checks", "X-Up-Close-Task" => format("%024x", i)).code
          codes << user.get("#{mark}/artwork").code
        rescue Timeout::Error
          codes << "too long"
        end
      }.each(&:join)
    end
    done = true
    watching.join
    report("#{crowd} at once, #{picture.bytesize / 1_000_000} MB each, #{took.round} s: server and workers",
      "#{most.round} MB at most, #{Array.new(codes.size) { codes.pop }.tally}", "1700 MB")
  end
end
