# frozen_string_literal: true

module UpClose
  # A checked figure: what was looked at, what it came to, and what to do.
  # Immutable. Verdicts: :fine, :watch, :stop, or :note (nothing to judge).
  class Finding
    VERDICTS = %i[fine watch stop note].freeze

    attr_reader :key, :title, :verdict, :figure, :value, :unit, :limit, :working, :reason, :remedy, :places, :factor

    # @param key [Symbol] names the check
    # @param title [String] one line, a maker's words
    # @param verdict [Symbol] one of VERDICTS
    # @param figure [String, nil] the figure as shown
    # @param value [Numeric, nil] the same, unrounded, in +unit+
    # @param working [Working, nil]
    # @param reason [String, nil] why this verdict
    # @param remedy [String, nil] the way out
    # @param places [Array<Geometry::Box>] where on the artwork, mm from its ink's top left
    # @param factor [Float, nil] what it does to the chance that a try succeeds, 0..1
    def initialize(
      key:, title:, verdict:, figure: nil, value: nil, unit: nil, limit: nil,
      working: nil, reason: nil, remedy: nil, places: [], factor: nil
    )
      raise ArgumentError, "no verdict #{verdict.inspect}" unless VERDICTS.include?(verdict)
      @key, @title, @verdict, @figure, @value, @unit = key, title, verdict, figure, value, unit
      @limit, @working, @reason, @remedy, @places, @factor = limit, working, reason, remedy, places.freeze, factor
      freeze
    end

    # @!method self.fine(key, title, **more)
    # @!method self.watch(key, title, **more)
    # @!method self.stop(key, title, **more)
    # @!method self.note(key, title, **more)
    #   @param key [Symbol]  @param title [String]  @param more [Hash] what else +new+ takes
    #   @return [Finding] of that verdict
    VERDICTS.each do |verdict|
      define_singleton_method(verdict) { |key, title, **more| new(key: key, title: title, verdict: verdict, **more) }
    end

    def stop? = verdict == :stop

    def watch? = verdict == :watch

    # @return [Symbol] the gravest verdict among +findings+ (:fine when none)
    def self.worst(findings)
      %i[stop watch].find { |verdict| findings.any? { |f| f.verdict == verdict } } || :fine
    end
  end
end
