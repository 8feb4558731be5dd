# frozen_string_literal: true

require "rack/test"

# Ten thousand attempts in a shop of its own making, rolled back again: a diagnosis, the record of a method and of the
# shop; and a coupon's photo of 12 megapixels read.
module Bench
  MANY = 10_000
  FAULTED = [%w[missing-spots], %w[torn missing-spots], %w[haze], %w[smeared]].freeze
  CAUSED = %w[too-cool slid peeled-early paper-left dirty-ground].freeze

  def self.many_attempts
    random = Random.new(4)
    now = Time.now
    rows = Array.new(MANY) do |i|
      result = (random.rand < 0.75) ? "good" : "spoilt"
      {
        copy: 1, piece: 1, result: result, method_key: %w[heat-resist gel-medium ink-offset][i % 3], printer: "laser",
        stock: %w[resist-film label-backing quick-peel][random.rand(3)], material: "brass", finish: "etched",
        grit: [180, 240, 400][random.rand(3)], temperature_c: 12 + 10 * random.rand, late_part: random.rand,
        width_mm: 20 + 60 * random.rand, faults: (result == "good") ? [] : FAULTED[random.rand(4)],
        cause: (result == "good") ? nil : CAUSED[random.rand(5)], made_at: now - random.rand * 86_400 * 900,
        times: [{"step" => "lay", "after_s" => 60 * random.rand, "latest_s" => 60}], note: "", created_at: now,
        updated_at: now
      }
    end
    rows.each_slice(500) { |some| Attempt.insert_all!(some) }
  end

  def self.page(path)
    session = Rack::Test::Session.new(Web)
    session.header "Host", "localhost"
    median { session.get(path).status == 200 or raise path }
  end

  ActiveRecord::Base.transaction do
    many_attempts
    attempt = Attempt.where(method_key: "heat-resist", result: "spoilt").last
    report("a diagnosis among 10,000 attempts", ms(median {
      one = AttemptDiagnosis.new(Attempt.find(attempt.id))
      [one.odds.lines, one.question]
    }), "under 100 ms")
    report("the record of a method, of 10,000 attempts", ms(page("/methods/heat-resist/record")), "under 60 ms")
    report("the record of the shop, of 10,000 attempts", ms(page("/record")), "under 60 ms")
    raise ActiveRecord::Rollback
  end

  coupon = UpClose::Coupons.build("limits", face: Shelves::FontShelf.fetch("atkinson-hyperlegible"))
  left = Devices::Simulated::LeftBehind.new
  photo = Devices::Simulated::Camera.new.photograph(left.of_coupon(coupon), ground: left.ground)
  report("a coupon's photo of 12 megapixels read", ms(median(3) {
    sheet = UpClose::Coupons::Straightened.read(photo, coupon)
    UpClose::Coupons::Reading.new(sheet, coupon).limits
  }), "under 3000 ms")
end
