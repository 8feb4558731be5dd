# frozen_string_literal: true

module Forms
  # Which tip, and how the grain runs.
  class ToolingForm < Base
    # @param tooling [MarkTooling] tells which tips there are
    def initialize(typed, tooling:)
      @tooling = tooling
      super(typed)
    end

    private

    def read
      choice(:tip, @tooling.tips.map(&:key), fallback: @tooling.suggested.key)
      angle(:grain_deg) if @tooling.grain?
    end
  end
end
