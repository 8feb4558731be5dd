# frozen_string_literal: true

module Forms
  # For which way a coupon is made, and what is varied on it.
  class CouponForm < Base
    # what can be varied: a step's own words, and three or four values of it
    AXES = {
      "heat" => ["heat", "°C", 20.0..300.0], "time" => ["time", "s", 1.0..36_000.0],
      "wait" => ["wait", "s", 0.0..36_000.0], "passes" => ["passes", "", 1.0..40.0],
      "pressure" => ["pressure", "kg", 0.1..200.0], "coats" => ["coats", "", 1.0..20.0]
    }.freeze
    VALUES = (2..4)

    private

    def read
      choice(:kind, UpClose::Coupons::KINDS.keys, fallback: "limits")
      choice(:method_key, UpClose::Methods.all.map(&:key))
      return if errors.any?
      method = UpClose::Methods.fetch(values[:method_key])
      choice(:printer, method.printers.map(&:to_s), fallback: method.printers.first.to_s)
      read_stock(method)
      choice(:material, UpClose::Materials::ALL.map(&:key), fallback: usual_material(method))
      family = UpClose::Materials.material(values[:material] || "wood").family
      values[:finish] = (family == :wood) ? "sanded" : "raw"
      read_plan if values[:kind] == "grid"
    end

    def read_stock(method)
      fitting = method.stocks.select { |stock| stock.printers.include?(values[:printer]&.to_sym) }.map(&:key)
      choice(:stock, fitting, fallback: fitting.first)
      return unless errors[:stock]
      names = fitting.map { |key| UpClose::Sheets::Stock.fetch(key).short }
      errors[:stock] = "#{method.title} is printed on #{names.join(" or ")} by #{values[:printer]}."
    end

    def usual_material(method)
      family = method.ground&.fetch(:families)&.first
      UpClose::Materials::ALL.find { |material| material.family == family }&.key || "wood"
    end

    def read_plan
      axes = %i[across down].filter_map { |name| axis(name) }
      return errors[:across] ||= "Say what is varied: heat, time, a wait." if axes.empty?
      values[:plan] = UpClose::Coupons::Grid::Plan.new(*axes.values_at(0, 1)) if errors.empty?
    end

    def axis(name)
      key = typed(name).to_s
      return if key.empty?
      title, unit, range = AXES[key] || (errors[name] = "Choose one of these.") && return
      numbers = typed(:"#{name}_values").to_s.split(/[;\s]+|,\s/)
        .map { |text| Float(text.tr(",", "."), exception: false) }
      unless VALUES.cover?(numbers.size) && numbers.all? { |n| n && range.cover?(n) } && numbers == numbers.uniq.sort
        errors[:"#{name}_values"] = "Two to four values, growing, such as 150 170 190."
        return
      end
      UpClose::Coupons::Grid::Axis.new(key, title, unit, numbers)
    end
  end
end
