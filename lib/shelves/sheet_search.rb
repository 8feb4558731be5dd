# frozen_string_literal: true

module Shelves
  # A search for a layout, as a worker is sent it. It says how far it is, and ends early with the best so far. Frozen.
  class SheetSearch
    # tries are counted, not timed: a slow computer is given the time
    LIMITS = Workers::Limits.new(cpu_s: 900.0, wall_s: 3600.0)

    # @param search [UpClose::Sheets::Nesting::Search]
    def initialize(search)
      @search = search
      freeze
    end

    # @return [UpClose::Sheets::Nesting::Layout]
    def call
      # from the start, so that it can be ended early before its first try is done
      Workers.went_on(0.0)
      @search.call { |share| Workers.went_on(share) }
    end
  end
end
