# frozen_string_literal: true

module UpClose
  # Values of a request as JSON gives it: each is checked as it is read, and refused at its key.
  module AskedValues
    private

    # @param data [Hash]  @param example [String] how it is written
    # @return [Hash] empty where nothing is given
    # @raise [Error] at the key
    def object_of(data, key, example)
      value = data[key] || {}
      value.is_a?(Hash) ? value : refuse("“#{key}” is no object.", "Write it as #{example}.", key.to_sym)
    end

    # @return [Array<Hash>]
    # @raise [Error] at the key
    def objects_of(data, key, example)
      value = data[key]
      return value if value.is_a?(Array) && value.all?(Hash)
      refuse("“#{key}” is no list of objects.", "Write each as #{example}.", key.to_sym)
    end

    # @param range [Range]
    # @return [Numeric, nil] nil where nothing is given
    # @raise [Error] at the key
    def number_of(data, key, range)
      value = data[key]
      return value if value.nil? || (value.is_a?(Numeric) && range.cover?(value))
      refuse(
        "“#{key}” is #{value.inspect}.", "Give #{Working.number(range.begin)} to #{Working.number(range.end)}.",
        key.to_sym
      )
    end

    # @param method [Class] a Methods::Definition
    # @return [Symbol] as it is asked for, else the method's first
    # @raise [Error]
    def printer_of(data, method)
      kind = (data["printer"] || method.printers.first).to_s
      return kind.to_sym if method.printers.map(&:to_s).include?(kind)
      refuse("#{method.title} is not printed by “#{kind}”.", "Choose #{method.printers.join(" or ")}.", :printer)
    end

    def refuse(reason, remedy, field) = raise(Error.new(reason, remedy: remedy, field: field))
  end
end
