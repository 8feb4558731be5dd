# frozen_string_literal: true

require "shelves/font_shelf"
require "shelves/photo_in"
require "workers"

module Shelves
  # A photo or scan of a coupon: a value that a worker is sent, and reads there.
  CouponPhoto = Struct.new(:bytes, :kind, :title, :plan, keyword_init: true) do
    # @param corners [Array<Array(Float, Float)>, nil] shares of the photo, where they were tapped
    # @return [Hash] shares by ladder and size; readings by name; fields of a grid
    # @raise [UpClose::Errors::BadShape]
    def read(corners: nil)
      Workers.drawing("reading")
      reading = UpClose::Coupons::Reading.new(
        UpClose::Coupons::Straightened.new(photo, coupon, corners: PhotoIn.pixels(corners, photo)), coupon
      )
      told = reading.limits.transform_values { |limit|
        {value: limit.value, off: limit.off, bound: limit.bound, working: limit.working.to_s}
      }
      {shares: reading.shares, readings: told, fields: plan ? reading.fields : nil}
    end

    # @return [UpClose::Coupons::Coupon] that was printed
    def coupon
      @coupon ||= UpClose::Coupons.build(
        kind, face: FontShelf.fetch("atkinson-hyperlegible"), title: title.to_s, grid: plan
      )
    end

    private

    def photo = @photo ||= PhotoIn.image(bytes)
  end
end
