# frozen_string_literal: true

module UpClose
  module Artwork
    # What to look at in artwork, in figures, at its final size: checks/ one a
    # file, each a module with call(subject) → Finding, or nil when it has
    # nothing to say. A new file is a new check everywhere.
    module Checks
      MOST_PLACES = 60

      extend Catalogue

      # the families that checks share are classes; a check is a module
      # @return [Boolean] whether a constant here is a check
      def self.definition?(constant) = constant.instance_of?(Module)

      # @param check [Module]  @return [Array] its place in lists
      def self.rank(check)
        place_in_lists(check.const_defined?(:LISTED) ? check::LISTED : nil, check.name)
      end

      # @raise [Errors::BadDefinition] for one that cannot be called with a subject
      def self.checked(check)
        return if check.respond_to?(:call) && check.method(:call).arity.abs == 1
        raise Errors::BadDefinition.new(
          "The check #{check.name} does not say “call”.",
          remedy: "Give call(subject), which answers a Finding or nil.",
          field: :call
        )
      end

      # @param subject [CheckContext]
      # @param among [Array<Module>] these alone
      # @return [Array<Finding>]
      def self.findings(subject, among: all)
        among.select { |check| bears_on?(check, subject) }.filter_map { |check| check.call(subject) }
      end

      # A check that turns on areas and colours alone says COARSE = true: few pixels tell it.
      # @return [Array<Module>]
      def self.coarse = all.select { |check| check.const_defined?(:COARSE) }

      # A check may say what it is for: FOR = {kind: […], purpose: […], printer: […]}; what it leaves out does not
      # matter.
      # @return [Boolean]
      def self.bears_on?(check, subject)
        return true unless check.const_defined?(:FOR)
        asked = {kind: subject.kind.key, purpose: subject.purpose, printer: subject.printer}
        check::FOR.all? { |name, which| which.include?(asked.fetch(name)) }
      end
    end
  end
end
