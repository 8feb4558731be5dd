# frozen_string_literal: true

module UpClose
  module Diagnosis
    # What can be looked at, felt or wiped to tell causes apart, one a file.
    module Questions
      extend Catalogue

      # @return [Boolean] whether a constant here is a question
      def self.definition?(constant) = constant.is_a?(Class) && constant < Question

      # @param question [Class]  @return [Array] to sort by
      def self.rank(question) = place_in_lists(nil, question.key)

      # @return [Class, nil] a Question
      def self.find(key) = all.find { |question| question.key == key.to_s }
    end
  end
end
