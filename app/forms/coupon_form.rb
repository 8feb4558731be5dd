# frozen_string_literal: true

module Forms
  # For which way a coupon is made, and what is varied on it.
  class CouponForm < Base
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
      errors[:down] ||= "Vary something else down than across." if axes.map(&:key).uniq.size < axes.size
      values[:plan] = UpClose::Coupons::Grid::Plan.new(*axes.values_at(0, 1)) if errors.empty?
    end

    def axis(name)
      key = typed(name).to_s
      return if key.empty?
      setting = UpClose::Coupons::Setting.find(key) || (errors[name] = "Choose one of these.") && return
      numbers = typed(:"#{name}_values").to_s.split(/[;\s]+|,\s/)
        .map { |text| Float(text.tr(",", "."), exception: false) }
      axis = setting.axis(numbers)
      errors[:"#{name}_values"] = "Two to four values, growing, such as 150 170 190." unless axis
      axis
    end
  end
end
