# frozen_string_literal: true

module Workers
  # How much one piece of work may use. Frozen.
  class Limits
    attr_reader :reading_cpu_s, :wall_s, :memory_bytes

    # @param reading_cpu_s [Float] CPU seconds before the worker says that it draws
    # @param wall_s [Float] seconds in all, and the most CPU seconds of any one thread of it
    # @param memory_bytes [Integer] resident; looked at so often that no worker is seen above 600 MB
    def initialize(reading_cpu_s: 10.0, wall_s: 60.0, memory_bytes: 560_000_000)
      @reading_cpu_s, @wall_s, @memory_bytes = reading_cpu_s, wall_s, memory_bytes
      freeze
    end

    USUAL = new
  end
end
