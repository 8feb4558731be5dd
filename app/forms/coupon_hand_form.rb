# frozen_string_literal: true

module Forms
  # A coupon read by hand: the thinnest whole line and gap, or how much came over in each field.
  class CouponHandForm < Base
    LADDERS = {"line" => :line_mm, "gap" => :gap_mm}.freeze

    # @param coupon [Coupon]
    def initialize(typed, coupon:)
      @coupon = coupon
      super(typed)
    end

    private

    def read
      values[:readings] = {}
      @coupon.plan ? fields : ladders
      errors[:base] = "Fill in at least one of them." if errors.empty? && nothing_said?
    end

    def nothing_said? = values[:readings].empty? && values[:fields].to_h.compact.empty?

    def ladders
      LADDERS.each do |kind, name|
        answer = typed(kind).to_s
        next if answer.empty?
        mm = UpClose::Coupons::WIDTHS.find { |width| UpClose::Working.number(width) == answer }
        mm ? values[:readings][name] = mm : errors[kind.to_sym] = "Choose one of the lines."
      end
    end

    # shares of each field, percent
    def fields
      values[:fields] = @coupon.plan_core.fields.to_h { |field|
        text = typed("field_#{field.name}").to_s.strip
        share = Float(text.tr(",", "."), exception: false)
        errors[:"field_#{field.name}"] = "From 0 to 100." unless text.empty? || share&.between?(0, 100)
        [field.name, share && share / 100]
      }.compact
    end
  end
end
