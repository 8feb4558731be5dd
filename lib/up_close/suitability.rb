# frozen_string_literal: true

module UpClose
  # What works with what: rules/ one a file, each a module with
  # call(situation) → Finding, or nil when it has nothing to say.
  module Suitability
    # Frozen. What is known so far; anything may be nil.
    class Situation
      attr_reader :method, :printer, :stock, :material, :finish, :colour, :sealer

      # @param method [Class] a Methods::Definition  @param printer [Symbol]
      def initialize(method:, printer:, stock: nil, material: nil, finish: nil, colour: nil, sealer: nil)
        @method, @printer, @stock = method, printer.to_sym, stock
        @material, @finish, @colour, @sealer = material, finish, colour, sealer
        freeze
      end

      # "bare wood", "gloss-painted polystyrene" is too clever: "polystyrene, gloss paint"
      def ground_words = [material&.title, finish&.title].compact.join(", ")
    end

    # @return [Array<Finding>] gravest first
    def self.findings(situation)
      rules.filter_map { |rule| rule.call(situation) }.sort_by { |f| Finding::VERDICTS.reverse.index(f.verdict) - 10 * (f.stop? ? 1 : 0) }
    end

    # @raise [Errors::Unsuitable] on the first refusal
    def self.check!(situation)
      stop = findings(situation).find(&:stop?) or return
      raise Errors::Unsuitable.new(stop.reason, remedy: stop.remedy, field: :method)
    end

    def self.rules = @rules ||= Rules.constants.sort.map { |name| Rules.const_get(name) }.freeze

    # One rule a file.
    module Rules
    end
  end
end
