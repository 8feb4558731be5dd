# frozen_string_literal: true

module UpClose
  module Diagnosis
    # Why a mark does not come out, one cause a file. A new file here is a new cause everywhere.
    module Causes
      extend Catalogue

      # @return [Boolean] whether a constant here is a cause
      def self.definition?(constant) = constant.is_a?(Class) && constant < Cause

      # @param cause [Class]  @return [Array] to sort by
      def self.rank(cause) = place_in_lists(nil, cause.key)

      # @return [Class, nil] a Cause
      def self.find(key) = all.find { |cause| cause.key == key.to_s }
    end
  end
end
