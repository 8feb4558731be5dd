# frozen_string_literal: true

require "strscan"

module UpClose
  module Boards
    module Gerber
      # Arithmetic in aperture macros: numbers, $variables, + − x /, brackets (4.5.4.2).
      class Expression
        DEEPEST = 60

        # @param text [String]  @param values [Hash{Integer => Float}] of the variables; one that is not set is 0
        # @return [Float]
        # @raise [Errors::BadBoard]
        def self.value(text, values) = new(text, values).value

        def initialize(text, values)
          @scanner = StringScanner.new(text.delete(" "))
          @values = values
          @depth = 0
        end

        def value
          value = sum
          unreadable unless @scanner.eos? && value.abs <= Figure::LARGEST
          value
        end

        private

        def sum
          total = product
          while (sign = @scanner.scan(/[+-]/))
            (sign == "+") ? total += product : total -= product
          end
          total
        end

        def product
          total = factor
          while (sign = @scanner.scan(%r{[xX/]}))
            (sign == "/") ? total /= factor : total *= factor
          end
          total
        end

        def factor
          turned = @scanner.scan(/[+-]*/).count("-").odd?
          turned ? -unsigned : unsigned
        end

        def unsigned
          return bracket if @scanner.skip(/\(/)
          return @values.fetch(@scanner[1].to_i, 0.0) if @scanner.skip(/\$(\d+)/)
          @scanner.scan(/\d+\.?\d*|\.\d+/)&.to_f or unreadable
        end

        def bracket
          unreadable if (@depth += 1) > DEEPEST
          sum.tap { @scanner.skip(/\)/) or unreadable }
        end

        def unreadable
          raise Errors::BadBoard.new("An aperture macro holds a sum that cannot be read: #{@scanner.string[0, 60]}.")
        end
      end
    end
  end
end
