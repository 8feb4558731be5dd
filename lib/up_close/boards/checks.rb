# frozen_string_literal: true

module UpClose
  module Boards
    # What to look at on a board before it is made: checks/ one a file, each a module with call(context) → Array of
    # Finding. A board is never scaled, so every way out is another: wider, another method, another resist.
    module Checks
      extend Catalogue

      MOST_PLACES = 40

      # @return [Boolean] whether a constant here is a check
      def self.definition?(constant) = constant.instance_of?(Module)

      # @param check [Module]  @return [Array] its place in lists
      def self.rank(check) = place_in_lists(check::LISTED, check.name)

      # @raise [Errors::BadDefinition]
      def self.checked(check)
        return if check.respond_to?(:call) && check.const_defined?(:LISTED)
        raise Errors::BadDefinition.new("The board check #{check.name} does not say “call” and LISTED.", field: :call)
      end

      # @param context [CheckContext]  @return [Array<Finding>] the gravest first
      def self.findings(context) = gravest_first(all.flat_map { |check| check.call(context) })

      GRAVITY = {stop: 0, watch: 1, fine: 2, note: 3}.freeze

      # @param findings [Array<Finding>]  @return [Array<Finding>] else in their order
      def self.gravest_first(findings)
        findings.sort_by.with_index { |finding, i| [GRAVITY.fetch(finding.verdict), i] }
      end
    end
  end
end
