# frozen_string_literal: true

module Forms
  # A week's hours, days off, the room, the drying place.
  class ShopTimeForm < Base
    SPAN = /\A(\d{1,2})(?::|\.|h)?(\d{2})?\s*(?:-|–|to)\s*(\d{1,2})(?::|\.|h)?(\d{2})?\z/
    MOST_SPANS = 4

    private

    def read
      values["week"] = (0..6).to_h { |day| [day.to_s, spans(day)] }.reject { |_, list| list.empty? }
      if errors.empty? && values["week"].empty?
        errors[:day_1] ||= "You have no working hours yet. Give at least one evening a week."
      end
      values["days_off"] = days_off
      room
      count(:drying, 1..5000, "How many dry at once")
      count(:oven, 1..500, "How many bake at once")
      %i[drying oven].each { |name| values[name.to_s] = values.delete(name) }
    end

    def spans(day)
      list = typed("day_#{day}").to_s.split(/[,;]/).map(&:strip).reject(&:empty?)
      errors[:"day_#{day}"] = "Up to #{MOST_SPANS} stretches a day." if list.size > MOST_SPANS
      list.filter_map { |text| span(text, day) }
    end

    def span(text, day)
      from_h, from_m, to_h, to_m = text.match(SPAN)&.captures
      from, to = [[from_h, from_m], [to_h, to_m]].map { |h, m| h.to_i * 60 + m.to_i }
      if from_h && from < 1440 && to <= 1440 && from != to && [from_m, to_m].all? { |m| m.to_i < 60 }
        return [from, to % 1440]
      end
      errors[:"day_#{day}"] ||= "“#{text}” is not a time we can read. Type 19:00-22:00."
      nil
    end

    def days_off
      typed(:days_off).to_s.split(/[\s,;]+/).reject(&:empty?).filter_map do |text|
        Date.iso8601(text).iso8601
      rescue Date::Error
        errors[:days_off] ||= "“#{text}” is not a date. Type 2026-12-24."
        nil
      end
    end

    def room
      %i[temperature_c humidity].each do |name|
        values[name.to_s] = Float(typed(name).to_s.tr(",−", ".-"), exception: false) ||
          (errors[name] = "Type a number.")
      end
      return if errors[:temperature_c] || errors[:humidity]
      UpClose::Timetable::Climate.new(temperature_c: values["temperature_c"], humidity: values["humidity"])
    rescue UpClose::Error => error
      refuse(error, :temperature_c)
    end
  end
end
