# frozen_string_literal: true

module UpClose
  # How near two numbers are to be the same one. Lengths are mm, areas mm², angles radians, shares of 1.
  module Tolerance
    # what floating-point sums of such numbers differ by: neither was meant to be the other's neighbour
    ROUNDING = 1e-9
    # far below what is printed, cut or measured (1 nm), and far above rounding: places that were found by halving or
    # by a library of its own
    SLIGHT = 1e-6
    # a divisor or a length under this is none
    ZERO = 1e-12
  end
end
