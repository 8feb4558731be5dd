# frozen_string_literal: true

module UpClose
  # What works with what: rules/ one a file, each a module with
  # call(situation) → Finding, or nil when it has nothing to say.
  module Suitability
    # Frozen. What is known so far; anything may be nil.
    class Situation
      attr_reader :transfer_method,
        :printer,
        :stock,
        :material,
        :finish,
        :colour,
        :sealer,
        :setting,
        :use,
        :fumes,
        :finest_mm,
        :mostly_over_mm,
        :tones,
        :size_mm,
        :palette,
        :more_colours,
        :purpose,
        :afterwards,
        :grit,
        :climate,
        :book,
        :show_through

      # @param method [Class] a Methods::Definition  @param printer [Symbol]
      # @param setting [Methods::MethodChoice, nil] with the schools picked
      # @param use [Array<String>] keys of USES: how the piece will be used
      # @param fumes [String] most that is accepted: "none", "low" or "strong"
      # @param finest_mm [Float, nil] the artwork's thinnest line at this size: 99 % of its length exceeds it
      # @param mostly_over_mm [Float, nil] what 95 % of its length exceeds, where that was looked at
      # @param tones [Boolean] whether it has greys
      # @param size_mm [Array(Float, Float), nil] the mark's sides  @param palette [Artwork::Palette, nil]
      # @param purpose [Class, nil] a Purposes::Purpose; as +setting+ has it, unless given
      # @param more_colours [Array<Colour>] what else shows on the piece
      # @param grit [Integer, nil] the ground was sanded to  @param climate [Timetable::Climate, nil] of the room
      # @param printers [Array<Symbol>, nil] kinds the shop has
      # @param book [Record::LimitBook] what this shop has read of its limits
      # @param show_through [ShowThrough::Answer, nil] what may show through, where that was said
      def initialize(
        method:, printer:, stock: nil, material: nil, finish: nil, colour: nil, sealer: nil, setting: nil,
        use: [], fumes: "strong", finest_mm: nil, tones: false, size_mm: nil, palette: nil, purpose: nil,
        grit: nil, climate: nil, printers: nil, more_colours: [], mostly_over_mm: nil, book: Record::LimitBook::NONE,
        show_through: nil
      )
        @transfer_method, @printer, @stock = method, printer.to_sym, stock
        @material, @finish, @colour, @sealer = material, finish, colour, sealer
        @setting, @use, @fumes, @finest_mm, @tones, @size_mm, @palette =
          setting, use, fumes, finest_mm, tones, size_mm, palette
        @mostly_over_mm = mostly_over_mm
        @purpose, @afterwards = purpose || setting&.purpose, setting&.afterwards
        @grit, @climate, @printers, @more_colours, @book = grit, climate, printers, more_colours, book
        @show_through = show_through
        freeze
      end

      # @param key [String] of USES  @return [Boolean]
      def used?(key) = use.include?(key)

      # @return [Float, nil] °C
      def temperature_c = climate&.temperature_c

      # kinds of printer there are
      # @return [Array<Symbol>]
      def printers = @printers || [printer]

      # printed colours are what is looked at in the end
      def inked? = transfer_method.inked? && (purpose.nil? || purpose.inked?)

      # what lies on the piece once all is done
      # @return [Symbol]
      def left = purpose ? purpose.left(transfer_method.residue) : transfer_method.residue

      # @return [Methods::Limits]
      def limits
        kind = transfer_method.printers.include?(printer) ? printer : transfer_method.printers.first
        way = Record::Way.new(
          method_key: transfer_method.key, printer: kind, stock: stock&.key, family: material&.family
        )
        recorded = book.recorded(transfer_method, way, purpose: purpose)
        Methods::Limits.for(method: transfer_method, printer: kind, purpose: purpose, recorded: recorded)
      end

      # @return [Materials::Ground, nil] what it is laid on
      def ground = material && Materials::Ground.new(material: material, finish: finish, grit: grit)

      # coated wood takes less heat than bare
      # @return [Numeric, nil]
      def heat_limit_c
        return unless material
        (material.family == :wood && finish&.coated?) ? [material.heat_c, COATED_WOOD_C].min : material.heat_c
      end

      COATED_WOOD_C = 80

      # "bare wood", "gloss-painted polystyrene" is too clever: "polystyrene, gloss paint"
      def ground_words = [material&.title, finish&.title].compact.join(", ")
    end

    # @return [Array<Finding>] gravest first
    def self.findings(situation)
      rules.filter_map { |rule| rule.call(situation) }.sort_by do |f|
        Finding::VERDICTS.reverse.index(f.verdict) - 10 * (f.stop? ? 1 : 0)
      end
    end

    # What speaks against one way and not against another.
    # @param way [Situation]  @param other [Situation]
    # @return [Array<Symbol>] keys of rules
    def self.drawbacks(way, other)
      [way, other].map { |situation| findings(situation).select { |f| f.stop? || f.watch? }.map(&:key) }.reduce(:-)
    end

    # @raise [Errors::Unsuitable] on the first refusal
    def self.check!(situation)
      stop = findings(situation).find(&:stop?) or return
      raise Errors::Unsuitable.new(stop.reason, remedy: stop.remedy, field: :method)
    end

    # @raise [Errors::BadDefinition] for a rule that cannot be called
    def self.rules = Rules.all

    # How a piece will be used, as far as a mark on it cares.
    USES = {
      "handled" => "handled a lot",
      "wet" => "gets wet or is washed",
      "outdoors" => "stands outdoors",
      "warm" => "gets hot",
      "food" => "touches food or lips",
      "skin" => "is worn on the skin",
      "exact" => "the mark has to sit exactly"
    }.freeze

    # One rule a file.
    module Rules
      extend Catalogue

      # @param constant [Object] a constant here  @return [Boolean]
      def self.definition?(constant) = constant.instance_of?(Module)

      # @param rule [Module]  @return [Array] its place in lists
      def self.rank(rule) = rule.name

      # @param rule [Module]  @raise [Errors::BadDefinition]
      def self.checked(rule)
        return if rule.respond_to?(:call)
        raise Errors::BadDefinition.new(
          "The rule #{rule.name} does not say “call”.",
          remedy: "Give call(situation), which answers a Finding or nil.",
          field: :call
        )
      end
    end
  end
end
