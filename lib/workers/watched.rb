# frozen_string_literal: true

module Workers
  # One piece of work as it goes on: what it says of itself, and what it uses against its limits.
  class Watched
    attr_reader :doing, :peak_bytes

    # @param limits [Limits]
    def initialize(limits)
      @limits, @began, @doing, @drawing, @peak_bytes = limits, now, "reading", false, 0
    end

    def seconds = now - @began

    # one frame from the worker
    # @return [Boolean] whether it is the answer
    # @raise [UpClose::Error] as the work refused
    def take(kind, told = nil)
      case kind
      when :began then @pid = told
      when :drawing then @drawing, @doing = true, told
      when :refused then raise told.error
      when :answer then @answered = true
      end
      kind == :answer
    end

    # @raise [UpClose::Errors::TooMuch]
    def check!
      too_long(@limits.wall_s) if seconds > @limits.wall_s
      return unless @pid
      resident = Usage.resident_bytes(@pid)
      @peak_bytes = [@peak_bytes, resident].max
      too_large if resident > @limits.memory_bytes
      too_long(@limits.reading_cpu_s) if !@drawing && Usage.cpu_s(@pid) > @limits.reading_cpu_s
    end

    private

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def too_long(most_s)
      raise UpClose::Errors::TooMuch.new("This file takes longer than #{most_s.round} seconds to #{@drawing ? "draw" : "read"}.",
        remedy: "Simplify it where it was made, or save it as a PNG at its final size.", field: :file)
    end

    def too_large
      raise UpClose::Errors::TooMuch.new("This file needs more than #{@limits.memory_bytes / 1_000_000} MB of memory to open.",
        remedy: "Save it smaller: 600 pixels an inch at its final size is plenty.", field: :file)
    end
  end
end
