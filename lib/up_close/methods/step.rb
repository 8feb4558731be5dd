# frozen_string_literal: true

module UpClose
  module Methods
    # One thing to do, or to wait for. Frozen; written and read as plain hashes,
    # so that a run keeps the steps it was started with.
    class Step
      FIELDS = %i[key phase title words kind least_s most_s after earliest_s latest_s look_for never cautions late source each_s place batch temperature_c faults dries passes again takes best_s].freeze
      PHASES = {print: "Print", prepare: "Prepare", apply: "Apply", seal: "Seal"}.freeze
      attr_reader(*FIELDS)

      # @param key [String]  @param phase [Symbol] one of PHASES
      # @param kind [Symbol] :hands (needs you) or :wait (does not)
      # @param least_s [Numeric] how long at least  @param most_s [Numeric, nil] how long at most
      # @param after [String, nil] the step whose end opens the window
      # @param earliest_s [Numeric, nil] from that end  @param latest_s [Numeric, nil]
      # @param best_s [Numeric, nil] from that end, when the best part of the window begins
      # @param late [String, nil] what to do when the window has closed
      # @param each_s [Numeric, nil] by hand, for each copy besides  @param place [Symbol, nil] :oven, :press or :drying
      # @param batch [Integer, nil] so many copies at once  @param temperature_c [Numeric, nil]
      # @param dries [true, Symbol, nil] a wait or a window that warmth shortens; :water when damp lengthens it too
      # @param passes [Integer, nil] strokes over the whole of it that are usual, to be counted
      # @param again [String, nil] the step to go back to when it has not come out yet
      # @param takes [Array<Array(String, Numeric, String)>] used up for one copy: title, amount, unit; starting values
      # @param faults [Array<String>] what goes wrong here
      # @param source [String, nil] where the times come from, when they are starting values
      def initialize(**fields)
        FIELDS.each { |name| instance_variable_set(:"@#{name}", fields[name]) }
        @cautions = (cautions || []).map(&:to_sym).freeze
        @phase, @kind = phase.to_sym, kind.to_sym
        @takes = (takes || []).map(&:freeze).freeze
        @after, @key, @place, @again = after&.to_s, key.to_s, place&.to_sym, again&.to_s
        freeze
      end

      def wait? = kind == :wait

      # a wait that must not go on too long; what dries may dry longer
      def shut? = wait? && !most_s.nil? && !dries

      def window? = !(earliest_s.nil? && latest_s.nil?)

      def to_h = FIELDS.to_h { |name| [name, public_send(name)] }

      def self.from_h(hash) = new(**hash.transform_keys(&:to_sym).slice(*FIELDS))

      def ==(other) = other.is_a?(Step) && other.to_h == to_h
      alias_method :eql?, :==
      def hash = to_h.hash
    end
  end
end
