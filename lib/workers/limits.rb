# frozen_string_literal: true

module Workers
  # How much one piece of work may use. Frozen.
  class Limits
    attr_reader :reading_cpu_s, :cpu_s, :wall_s, :memory_bytes

    # @param reading_cpu_s [Float] CPU seconds before the worker says that it draws
    # @param cpu_s [Float] CPU seconds in all, of all its threads: what a busy machine takes longer for is no more work
    # @param wall_s [Float] seconds in all, for what waits and does nothing
    # @param memory_bytes [Integer] resident; looked at so often that no worker is seen above 600 MB
    def initialize(reading_cpu_s: 10.0, cpu_s: 60.0, wall_s: 300.0, memory_bytes: 560_000_000)
      @reading_cpu_s, @cpu_s, @wall_s, @memory_bytes = reading_cpu_s, cpu_s, wall_s, memory_bytes
      freeze
    end

    USUAL = new
  end
end
