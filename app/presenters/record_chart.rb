# frozen_string_literal: true

module Presenters
  # A chance over time as a picture: the chance with its band, a sign for each try, coupons read meanwhile. Pixels.
  class RecordChart
    WIDTH = 700
    HEIGHT = 262
    LEFT = 34
    RIGHT = 98
    TOP = 26
    BOTTOM = 26

    # @param record [RecordOf]  @param expected [Float] before anything was tried
    # @param from [Date]  @param to [Date]
    def initialize(record, expected, from:, to:)
      @record, @expected, @from, @to = record, expected, from, to
    end

    attr_reader :expected

    # @return [UpClose::Charts::Band]
    def band = @band ||= UpClose::Charts::Band.new(expected, @record.days)

    def x
      @x ||= UpClose::Charts::Scale.new(@from.jd, [@to.jd, @from.jd + 1].max, LEFT, WIDTH - RIGHT)
    end

    def y = @y ||= UpClose::Charts::Scale.new(0.0, 1.0, HEIGHT - BOTTOM, TOP)

    # @return [Array<UpClose::Charts::Months::Tick>]
    def months = UpClose::Charts::Months.call(@from, @to)

    # One sign. Frozen.
    Sign = UpClose::Value.define(:x, :result)

    # @return [Array<Sign>]
    def signs
      @record.signs.map do |moment, result|
        local = moment.getlocal
        Sign.new(x.call(local.to_date.jd + local.hour / 24.0).clamp(LEFT, WIDTH - RIGHT), result)
      end
    end

    # @return [Array<Array(Float, String)>]
    def coupons
      return [] unless @record.transfer_method
      Coupon.read.where(method_key: @record.transfer_method.key).order(:read_at).last(2).filter_map do |coupon|
        day = coupon.read_at.getlocal.to_date
        [x.call(day.jd), "coupon, #{day.strftime("%-d %B")}"] if day.between?(@from, @to)
      end
    end
  end
end
