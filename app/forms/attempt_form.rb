# frozen_string_literal: true

module Forms
  # How one piece came out, and with which print.
  class AttemptForm < Base
    # @param prints [Integer] that can have been used
    def initialize(typed, prints: 1)
      @prints = prints
      super(typed)
    end

    private

    def read
      choice(:result, UpClose::Record::RESULTS.keys)
      errors[:result] = "Choose how it came out: good, usable or spoilt." if errors[:result]
      values[:faults] = Array(@typed["faults"]).map(&:to_s) & UpClose::Record::FAULTS.keys
      words(:note, most: 2000)
      count(:print, 1..@prints, "Which print") unless typed(:print).to_s.strip.empty?
    end
  end
end
