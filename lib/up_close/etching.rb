# frozen_string_literal: true

module UpClose
  # Metal eaten away round a resist: how deep, how far sideways, how long, in how much of which bath, or by how
  # much current (handbook, “Boards and etching”). All rates, factors and capacities are starting values until a
  # strip test of one's own replaces them.
  module Etching
    # sideways loss at each edge is the depth through this
    FACTOR = 1.5
    # a resist softens after so long in the bath: look, rinse, touch up, go on
    LAP_S = 7200
    DEPTHS_MM = (0.001..3.0)
  end
end
