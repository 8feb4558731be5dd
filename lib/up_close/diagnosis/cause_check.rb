# frozen_string_literal: true

module UpClose
  module Diagnosis
    # What a cause must say before anyone sees it.
    class CauseCheck
      # @param cause [Class] a Cause
      # @raise [Errors::BadDefinition]
      def self.call(cause) = new(cause).call

      def initialize(cause)
        @cause = cause
      end

      def call
        %i[key usual looks_like tell_apart title leads_to].each do |name|
          refuse("says no #{name}") if @cause.public_send(name).nil?
        end
        check_faults
        check_places
        check_questions
        @cause
      end

      private

      def check_faults
        unknown = @cause.leads_to.keys - Record::FAULTS.keys
        refuse("leads to #{unknown.first}, which is no fault") if unknown.any?
        refuse("says a fault comes more than always, or never") unless @cause.leads_to.values.all? { |share|
          share.between?(0.01, 0.99)
        }
      end

      def check_places
        unknown = @cause.shows.keys - Facts::PLACES.keys
        refuse("shows at #{unknown.first}, which is no place") if unknown.any?
      end

      def check_questions
        @cause.told.each do |key, chances|
          question = Questions.all.find { |asked| asked.key == key } || refuse("answers #{key}, which nobody asks")
          refuse("answers #{key} in a way it has not") unless (chances.keys - question.answers.keys).empty?
          refuse("answers #{key} more than always") unless chances.values.sum.between?(0.5, 1.0001)
        end
      end

      def refuse(what) = raise(Errors::BadDefinition.new("#{@cause.name} #{what}.", remedy: "Correct its file."))
    end
  end
end
