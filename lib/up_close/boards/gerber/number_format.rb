# frozen_string_literal: true

module UpClose
  module Boards
    module Gerber
      # How coordinates are written: whole digits, decimals, which zeros are left out, and the unit (4.2.2, 7.1).
      NumberFormat = Value.define(:decimals, :whole, :trailing_left_out, :incremental, :unit_mm) do
        # @param words [String] as FSLAX46Y46
        # @param unit_mm [Float, nil]
        # @return [NumberFormat, nil] nil where the words say none
        def self.read(words, unit_mm)
          match = words.match(/\AFS([LTD]?)([AI]?).*?X(\d)(\d)Y(\d)(\d)/) or return
          new(match[4].to_i, match[3].to_i, match[1] == "T", match[2] == "I", unit_mm)
        end

        # @param digits [String] as in the file, perhaps with its sign or a point
        # @return [Float] mm
        def mm(digits)
          return Figure.of(digits) * unit_mm if digits.include?(".")
          digits = padded(digits) if trailing_left_out
          digits.to_i * unit_mm / 10**decimals
        end

        # @return [NumberFormat] the same in another unit
        def in_unit(mm) = NumberFormat.new(decimals, whole, trailing_left_out, incremental, mm)

        private

        def padded(digits)
          sign = digits.slice(/\A[+-]/).to_s
          sign + digits.delete_prefix(sign).ljust(whole + decimals, "0")
        end
      end
    end
  end
end
