# frozen_string_literal: true

module UpClose
  # Printed tests of what a shop holds: drawn to exact size, made like any mark, read by hand or from a photo.
  module Coupons
    # what the lines and gaps of a ladder measure, mm
    WIDTHS = [0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6, 0.8, 1.0].freeze
    # a line is whole when so much of its length is there
    WHOLE = 0.95

    KINDS = {
      "limits" => "Limits", "small" => "Limits, on a small piece", "grid" => "The best settings"
    }.freeze

    # @param key [String] of KINDS
    # @param face [#line, nil] to set letters with  @param title [String]
    # @param grid [Grid::Plan, nil] of a settings' coupon
    # @return [Coupon]
    # @raise [Errors::Unknown]
    def self.build(key, face: nil, title: "", grid: nil)
      case key.to_s
      when "limits" then LimitsCoupon.new(face: face, title: title)
      when "small" then LimitsCoupon.new(face: face, title: title, small: true)
      when "grid" then GridCoupon.new(face: face, title: title, plan: grid)
      else
        raise Errors::Unknown.new(
          "There is no coupon called “#{key}”.", remedy: "Choose one of: #{KINDS.keys.join(", ")}.", field: :coupon
        )
      end
    end
  end
end
