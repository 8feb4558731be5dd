# frozen_string_literal: true

require "json"
require "command_line/options"
require "shelves/coupon_photo"

module CommandLine
  # up-close coupon-read: what a photo or a scan of a coupon tells, each limit with how far it may be off.
  class CouponReadVerb
    USAGE = "up-close coupon-read PHOTO [--kind limits|small]"
    MOST_BYTES = 200 * 1024 * 1024

    def initialize(arguments)
      @options, files = Options.read(arguments, usage: USAGE, names: %w[kind], defaults: {kind: "limits"})
      raise WrongUse, "Give one photo: #{USAGE}." unless files.size == 1
      raise WrongUse, "--kind is limits or small." unless %w[limits small].include?(@options[:kind])
      @file = files.first
    end

    # @return [String] JSON
    def call
      raise WrongUse, "The photo is larger than #{MOST_BYTES / 1024 / 1024} MB." if File.size(@file) > MOST_BYTES
      told = Shelves::CouponPhoto.new(bytes: File.binread(@file), kind: @options[:kind]).read
      JSON.pretty_generate(
        limits: told[:readings].transform_values { |reading|
          reading.slice(:value, :off).transform_values { |mm| mm.round(4) }.merge(reading.slice(:bound, :working))
        },
        shares: told[:shares].transform_values { |sizes| sizes.transform_values { |share| share.round(4) } }
      )
    end
  end
end
