# frozen_string_literal: true

module Forms
  # Method, printer, stock, schools, reading direction.
  class MethodForm < Base
    # @param ground [UpClose::Colour, nil] of the piece: some picks follow it
    def initialize(typed, ground: nil, **more)
      @ground = ground
      super(typed, **more)
    end

    private

    def read
      choice(:method_key, UpClose::Methods.all.map(&:key))
      choice(:printer, %w[laser inkjet])
      choice(:reading, UpClose::Methods::Orientation::CHOICES, fallback: "auto")
      return if errors[:method_key] || errors[:printer]
      method = UpClose::Methods.fetch(values[:method_key])
      read_stock(method)
      read_schools(method)
    end

    def read_stock(method)
      keys = method.stocks.select { |s| s.printers.include?(values[:printer].to_sym) }.map(&:key)
      values[:stock] = keys.include?(typed(:stock)) ? typed(:stock) : keys.first || method.stocks.first.key
    end

    def read_schools(method)
      stock = method.stocks.find { |s| s.key == values[:stock] }
      values[:picked] = method.choices.to_h do |choice|
        wanted = typed("pick_#{method.key}_#{choice.key}").to_s.to_sym
        [choice.key, choice.options.key?(wanted) ? wanted : choice.pick_for(@ground, stock)]
      end
      own = OwnSchool.find_by(id: typed(:own_school), method_key: method.key)
      values[:picked]["own_school"] = own.id if own
    end
  end
end
