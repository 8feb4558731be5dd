# frozen_string_literal: true

module Devices
  module Simulated
    # A coupon before the simulated camera: a value that a worker is sent. +printed+ is a Shelves::CouponPhoto.
    PhotographedCoupon = Struct.new(:printed) do
      # what a method leaves of it, photographed
      # @param leaves [LeftBehind]
      # @return [Answer] of a JPEG
      def taken(leaves, seed: 1) = Camera.new.ask(coupon: printed.coupon, leaves: leaves, seed: seed)
    end
  end
end
