# frozen_string_literal: true

module Forms
  # What was typed, read into core values; everything wrong is told at once,
  # each at its field, and what was typed stays.
  class Base
    attr_reader :errors, :values

    # @param typed [Hash] as it came from the page
    # @param unit [String] what a bare number means
    def initialize(typed, unit: "mm")
      @typed = typed.to_h.transform_keys(&:to_s)
      @unit = unit
      @errors = {}
      @values = {}
      read
    end

    def ok? = errors.empty?

    def typed(name) = @typed[name.to_s]

    def error(name) = errors[name.to_sym]

    # a refusal from further in, shown where it belongs
    def refuse(error, default_field = :base) = errors[(error.field || default_field).to_sym] ||= error.sentence

    # what was changed elsewhere since its page was made is told once, before it is overwritten
    # @param seen [Seen]
    def heed(seen) = (errors[:overtaken] = seen.sentence if seen.changed.any?)

    private

    def read = raise(NotImplementedError)

    def attempt(name)
      values[name] = yield
    rescue UpClose::Error => error
      errors[name] = error.sentence
    end

    def words(name, required: nil, most: 200)
      text = typed(name).to_s.strip
      return errors[name] = required if required && text.empty?
      return errors[name] = "That is longer than #{most} letters. Shorten it." if text.length > most
      values[name] = text
    end

    def length(name, range_mm: 0.01..2000.0)
      attempt(name) do
        UpClose::Measure::LengthReader.new(unit: @unit, range_mm: range_mm, field: name).read(typed(name)).mm
      end
    end

    def count(name, range, what)
      number = Integer(plain_digits(name), 10, exception: false)
      unless number && range.cover?(number)
        return errors[name] = "#{what} is a whole number from #{range.begin} to #{range.end}."
      end
      values[name] = number
    end

    # digits as any keyboard types them
    def plain_digits(name)
      typed(name).to_s.tr(UpClose::Measure::LengthReader::WIDE, UpClose::Measure::LengthReader::NARROW).strip
    end

    def angle(name)
      number = Float(plain_digits(name).tr(",−", ".-").delete("°"), exception: false)
      return errors[name] = "Type the turn in degrees, such as 12 or −4.5." unless number&.finite? && number.abs <= 3600
      values[name] = ((number + 180) % 360) - 180
    end

    def choice(name, options, fallback: nil)
      value = typed(name).to_s
      return values[name] = value if options.include?(value)
      return values[name] = fallback if fallback && value.empty?
      errors[name] = "Choose one of these."
    end
  end
end
