# frozen_string_literal: true

module Actions
  module Remedies
    # What a check found, and what it asks.
    Short = UpClose::Value.define(:value, :limit) do
      # @param key [String] of a check  @return [Short, nil] where both are told in numbers
      def self.of(mark, key)
        finding = mark.design.findings.find { |one| one.key.to_s == key }
        new(finding.value, finding.limit) if finding&.value.is_a?(Numeric) && finding.limit.is_a?(Numeric)
      end
    end
  end
end
