# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Figures that look like chance and are the same for a seed everywhere
      # (Lehmer; Park and Miller, Random Number Generators, 1988).
      class Chance
        MODULUS = 2_147_483_647

        def initialize(seed)
          @at = seed.to_i.abs % (MODULUS - 1) + 1
        end

        # @return [Float] from 0 to 1
        def share = (@at = @at * 48_271 % MODULUS) / MODULUS.to_f

        # neighbours change places, and one is brought somewhere else
        # @param list [Array]
        def shaken(list, swap: 0.25)
          list = list.dup
          (list.size - 1).times { |i| list[i], list[i + 1] = list[i + 1], list[i] if share < swap }
          list.insert(below(list.size), list.delete_at(below(list.size)))
        end

        # one is brought nearer the front
        # @param index [Integer] its place
        def sooner(list, index)
          list = list.dup
          list.insert(below(index + 1), list.delete_at(index))
        end

        # @param count [Integer]  @return [Integer] 0...count
        def below(count) = (share * count).floor
      end
    end
  end
end
