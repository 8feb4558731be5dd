# frozen_string_literal: true

module UpClose
  class PlannedMark
    # How many are printed, and how many good ones are wanted of them.
    Numbers = Value.define(:copies, :pieces, keyword_init: true) do
      def initialize(copies: 1, pieces: copies) = super
    end
  end
end
