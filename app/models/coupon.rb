# frozen_string_literal: true

# A printed test: for which way it was made, and what was read of it.
class Coupon < ApplicationRecord
  belongs_to :mark, optional: true

  scope :read, -> { where.not(read_at: nil) }

  # @return [UpClose::Coupons::Coupon]
  def to_core
    UpClose::Coupons.build(
      kind, face: Shelves::FontShelf.fetch("atkinson-hyperlegible"), title: title, grid: plan_core
    )
  end

  # @return [UpClose::Coupons::Grid::Plan, nil]
  def plan_core = plan && UpClose::Coupons::Grid::Plan.from_h(plan)

  # printed along its edge
  def title = "No #{id}  #{method_core.title}, #{stock_core&.short || printer}"

  def method_core = UpClose::Methods.fetch(method_key)

  def stock_core = stock && UpClose::Sheets::Stock.fetch(stock)

  def family = material && UpClose::Materials.material(material).family

  # @return [UpClose::Record::Way]
  def way
    UpClose::Record::Way.new(method_key: method_key, printer: printer.to_sym, stock: stock, family: family)
  end

  # @param now [Time]  @param changed_at [Time, nil] of its printer
  # @return [Array<UpClose::Record::LimitReading>]
  def readings_core(now, changed_at)
    readings.map do |name, told|
      UpClose::Record::LimitReading.new(
        name: name.to_sym, value: told["value"], off: told["off"], way: way, source: source,
        bound: told["bound"],
        years: [(now - read_at) / 31_557_600.0, 0].max, changed: !changed_at.nil? && changed_at > read_at
      )
    end
  end

  # "coupon of 3 November"
  def source = "coupon of #{read_at.getlocal.strftime("%-d %B")}"
end
