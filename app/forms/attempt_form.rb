# frozen_string_literal: true

module Forms
  # How one copy came out.
  class AttemptForm < Base
    private

    def read
      choice(:result, UpClose::Record::RESULTS.keys)
      errors[:result] = "Say how it came out: good, usable or spoilt." if errors[:result]
      values[:faults] = Array(@typed["faults"]).map(&:to_s) & UpClose::Record::FAULTS.keys
      words(:note, most: 2000)
    end
  end
end
