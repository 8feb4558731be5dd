# frozen_string_literal: true

module UpClose
  class MarkRequest
    # Figures of a request, each in its range.
    module Fields
      private

      # @raise [Error] at the key
      def number(key, range, start)
        value = @data.fetch(key, start)
        return value.to_f if value.is_a?(Numeric) && range.cover?(value)
        refuse(
          value.nil? ? "“#{key}” is missing." : "“#{key}” is #{value.inspect}.",
          "Give #{Working.number(range.begin, 2)} to #{Working.number(range.end)}.",
          key.to_sym
        )
      end

      def whole(key, value, start, least: 1)
        value = start if value.nil?
        return value if value.is_a?(Integer) && value.between?(least, MOST)
        refuse("“#{key}” is #{value.inspect}.", "Give #{least} to #{MOST}.", key.to_sym)
      end
    end
  end
end
