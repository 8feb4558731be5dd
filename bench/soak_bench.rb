# frozen_string_literal: true

require_relative "served_shop"

# Five hundred uploads, one after the other, and what the server holds.
module Bench
  uploads = 500
  ServedShop.open do |shop|
    user = shop.visitor
    mark, files, held = user.mark, shop.ordinary, []
    took = seconds do
      uploads.times do |i|
        held << shop.resident_mb if (i % 100).zero?
        user.upload(mark, *files[i % files.size])
      end
    end
    held << shop.resident_mb
    report("#{uploads} uploads in #{took.round} s: the server, every 100", "#{held.join(", ")} MB", "flat")
  end
end
