# frozen_string_literal: true

module UpClose
  module Methods
    # One thing to do, or to wait for. Frozen; written and read as plain hashes,
    # so that a run keeps the steps it was started with.
    class Step
      FIELDS = %i[
        key phase title words kind least_s most_s after earliest_s latest_s look_for never cautions when_late source
        each_s place batch temperature_c faults dries passes repeat_from consumes best_s pace for early moments
        round turn turns try lot lots number on hinged
      ].freeze
      # what one doing of a step serves
      FOR = {sheet: "the sheet", print: "each print", piece: "each piece", all: "all together"}.freeze
      PHASES = {print: "Print", prepare: "Prepare", apply: "Apply", after: "Afterwards", seal: "Seal"}.freeze
      # what is said of ending a wait, or beginning before a window opens, where a step says nothing of its own
      EARLY = {
        open: "What it is laid with has not set enough, and slides.",
        dries: "It is not dry yet. What follows can wrinkle it, trap what has not left, or lift it.",
        hot: "It has not been hot long enough. It may wash off.",
        other: "Its time is not over. It may not come out."
      }.freeze
      # when a coat can be touched, coated again, handled, and is cured all through
      MOMENTS = {
        touch: "dry to the touch",
        next_coat: "ready for a next coat",
        handle: "ready to handle",
        full: "fully cured"
      }.freeze

      attr_reader(*FIELDS)

      # @param key [String]  @param phase [Symbol] one of PHASES
      # @param kind [Symbol] :hands (needs you) or :wait (does not)
      # @param least_s [Numeric] how long at least  @param most_s [Numeric, nil] how long at most
      # @param after [String, nil] the step whose end opens the window
      # @param earliest_s [Numeric, nil] from that end  @param latest_s [Numeric, nil]
      # @param best_s [Numeric, nil] from that end, when the best part of the window begins
      # @param when_late [String, nil] what to do when the window has closed
      # @param each_s [Numeric, nil] for each print or piece besides
      # @param place [Symbol, nil] :oven, :press or :drying
      # @param pace [String, nil] how +each_s+ comes about
      # @param for [Symbol] one of FOR; unless said, prints are printed, pieces worked on, and waits are for all
      # @param round [String, nil] the step that begins its round: steps done for one piece before the next is begun
      # @param turn [Integer, nil] of a run's step: which piece  @param turns [Integer, nil] of how many
      # @param try [Integer, nil] of a run's step: which try at that piece, from the second on
      # @param lot [Integer, nil] of a run's step: which lot of prints, or tray  @param lots [Integer, nil] of how many
      # @param number [Integer, nil] of a run's step: so many prints or pieces it is done for
      # @param batch [Integer, nil] so many pieces at once  @param temperature_c [Numeric, nil]
      # @param dries [true, Symbol, nil] a wait or a window that warmth shortens; :water when damp lengthens it too;
      #   :open, or :open_water, for what has to be laid while something is wet: warmth shuts its window sooner
      # @param passes [Integer, nil] strokes over the whole of it that are usual, to be counted
      # @param repeat_from [String, nil] the step to go back to when it has not come out yet
      # @param consumes [Array<Supply>] used up for one copy or piece; starting values
      # @param early [String, nil] what ending it before its time risks
      # @param moments [Hash{Symbol => Numeric}, nil] a key of MOMENTS → seconds from when this wait begins
      # @param on [Symbol] what it is done to: :sheet (the print, before it is laid), :backing (what the print is glued
      #   to) or :piece; by its phase unless said
      # @param hinged [Boolean] whether the paper is taped on one edge here, so that it can be lifted and looked under
      # @param faults [Array<String>] what goes wrong here
      # @param source [String, nil] where the times come from, when they are starting values
      def initialize(**fields)
        FIELDS.each { |name| instance_variable_set(:"@#{name}", fields[name]) }
        @cautions = (cautions || []).map(&:to_sym).freeze
        @phase, @kind = phase.to_sym, kind.to_sym
        @for = (fields[:for] || Step.usually_for(@kind, @phase)).to_sym
        raise ArgumentError, "no step is for #{@for.inspect}" unless FOR.key?(@for)
        @consumes = (consumes || []).map { |supply| Supply.read(supply) }.freeze
        @moments = moments&.to_h { |name, seconds| [name.to_sym, seconds] }.freeze
        @after, @key, @place, @repeat_from = after&.to_s, key.to_s, place&.to_sym, repeat_from&.to_s
        @round = round&.to_s
        @dries = dries.to_sym if dries.is_a?(String)
        @on = (on || ((phase == :print) ? :sheet : :piece)).to_sym
        freeze
      end

      # @param kind [Symbol]  @param phase [Symbol]
      # @return [Symbol] a key of FOR
      def self.usually_for(kind, phase)
        return :all if kind == :wait
        (phase == :print) ? :print : :piece
      end

      def wait? = kind == :wait

      # its title, and which lot or tray it is for
      def full_title
        return title unless lot && turn.nil?
        "#{title} (#{(place == :oven) ? "tray" : "lot"} #{lot} of #{lots})"
      end

      # done for prints, not for pieces
      def for_prints? = %i[sheet print].include?(self.for)

      # a wait that must not go on too long; what dries may dry longer
      def shut? = wait? && !most_s.nil? && !dries

      def window? = !(earliest_s.nil? && latest_s.nil?)

      # How many prints or pieces its work is done for.
      # @param prints [Integer]  @param pieces [Integer]
      def times(prints, pieces) = number || (for_prints? ? prints : pieces)

      # @return [String] what ending it early risks
      def risk
        return early if early
        return EARLY[dries.to_s.start_with?("open") ? :open : :dries] if dries
        temperature_c ? EARLY[:hot] : EARLY[:other]
      end

      # fields that come from how many and how large: they differ where the same is done
      AMOUNTS = %i[words least_s most_s each_s pace consumes turns lots number batch].freeze

      # @param other [Step]
      # @return [Boolean] whether doing one is doing the other: alike but for how long it takes and what it uses up
      def done_like?(other) = to_h.except(*AMOUNTS) == other.to_h.except(*AMOUNTS)

      def to_h = FIELDS.to_h { |name| [name, public_send(name)] }.merge(consumes: consumes.map(&:to_h))

      def inspect = "#<Step #{key} #{kind} #{least_s} s#{" after #{after}" if after}>"

      # @param changes [Hash] fields that differ
      def with(**changes) = Step.new(**to_h, **changes)

      # what steps that were stored before version 0.2.0 call some fields
      EARLIER_NAMES = {takes: :consumes, again: :repeat_from, late: :when_late, per: :for}.freeze

      # @param hash [Hash] as +to_h+ gives it, its keys perhaps strings
      def self.from_h(hash)
        fields = hash.transform_keys(&:to_sym).transform_keys(EARLIER_NAMES).slice(*FIELDS)
        fields[:for] = :print if fields[:for].to_s == "copy"
        new(**fields)
      end

      # @param other [Object]  @return [Boolean] of one kind, with the same values
      def ==(other) = equal?(other) || (other.is_a?(Step) && other.key == key && other.to_h == to_h)
      alias_method :eql?, :==
      def hash = to_h.hash
    end
  end
end
