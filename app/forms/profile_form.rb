# frozen_string_literal: true

module Forms
  # What a printer is: its dots, what it cannot reach, its trays, its queue.
  class ProfileForm < Base
    SIDES = %w[left right top bottom].freeze
    MOST_TRAYS = 6

    private

    def read
      count(:dpi, 72..4800, "Dots an inch")
      values[:margins_mm] = SIDES.to_h { |side| [side, margin(side)] }.compact
      values[:trays] = trays
      queue = typed(:queue).to_s
      values[:queue] = Devices::Queue.names.include?(queue) ? queue : nil
    end

    def margin(side)
      text = typed("margin_#{side}").to_s.strip
      UpClose::Measure::LengthReader.new(unit: @unit, range_mm: 0.0..60.0, field: side).read(text).mm unless text.empty?
    rescue UpClose::Error => error
      errors[:"margin_#{side}"] = error.sentence
      nil
    end

    def trays
      names = typed(:trays).to_s.split(/[;,]/).map(&:strip).reject(&:empty?).uniq
      errors[:trays] = "Up to #{MOST_TRAYS} trays are kept." if names.size > MOST_TRAYS
      names.map { |name| {"name" => name[0, 40]} }
    end
  end
end
