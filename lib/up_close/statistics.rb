# frozen_string_literal: true

module UpClose
  # What can be said of a chance, and how sure, from what was counted.
  module Statistics
    # how sure the intervals are that pages show
    SURE = 0.9
  end
end
