# frozen_string_literal: true

module Workers
  # One piece of work as it goes on: what it says of itself, and what it uses against its limits.
  class Watched
    LOOKED_EVERY_S = 0.05
    # s between being told to stop and being killed
    GRACE_S = 0.5

    attr_reader :doing, :peak_bytes

    # it died of itself: a crash in a library, or the system was short of memory
    # @return [UpClose::Errors::TooMuch]
    def self.broken
      UpClose::Errors::TooMuch.new(
        "The reader stopped with an error on this file.",
        remedy: "Open it where it was made and save it again, as a PNG at its final size if nothing else helps."
      )
    end

    # @raise [UpClose::Errors::Stopped]
    def self.stopped! = raise(UpClose::Errors::Stopped.new("You stopped it.", remedy: "Start it again when you like."))

    # @param limits [Limits]
    # @param pid [Integer, nil] of a process that says nothing of what it does: only the limits for all of it hold
    def initialize(limits, pid: nil)
      @limits, @began, @drawing, @peak_bytes, @pid = limits, now, !pid.nil?, 0, pid
      @doing = pid ? "drawing" : "reading"
    end

    def seconds = now - @began

    # Reads what the work says until it has answered.
    # @param io [IO] the pipe it writes on
    # @yield [String, Float, Float] what it is doing, for how many seconds, how far it is; false stops it
    # @return [Object] the answer
    # @raise [UpClose::Error] as the work refused, or when it was over its limits, or stopped
    # @raise [IOError] when it ended without an answer
    def follow(io)
      buffer = "".b
      loop do
        if io.wait_readable(LOOKED_EVERY_S)
          buffer << (io.read_nonblock(1 << 20, exception: false) || raise(IOError, "no answer"))
          Frames.take(buffer).each { |kind, *told| return told.first if take(kind, *told) }
        end
        check!
        stop if yield(doing, seconds, @share) == false
      end
    end

    # @raise [UpClose::Errors::TooMuch]
    def check!
      too_long(@limits.wall_s) if seconds > @limits.wall_s
      return unless @pid
      resident = Usage.resident_bytes(@pid)
      @peak_bytes = [@peak_bytes, resident].max
      too_large if resident > @limits.memory_bytes
      most_s = @drawing ? @limits.cpu_s : @limits.reading_cpu_s
      too_long(most_s) if Usage.cpu_s(@pid) > most_s
    end

    private

    # one frame from the worker
    # @return [Boolean] whether it is the answer
    def take(kind, told = nil)
      case kind
      when :began then @pid = told
      when :drawing then @drawing, @doing = true, told
      when :share then @share, @drawing = told, true
      when :refused then raise told.error
      end
      kind == :answer
    end

    # what says how far it is ends by itself, with what it has come to
    def stop
      @stopped_at ||= seconds
      # it may be about to say how far it is
      return if @share.nil? && seconds - @stopped_at < GRACE_S
      Watched.stopped! if @share.nil?
      Process.kill(:USR1, @pid) unless @ending
      @ending = true
    rescue Errno::ESRCH
      # it has just ended
      nil
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def too_long(most_s)
      raise UpClose::Errors::TooMuch.new(
        "This file takes longer than #{most_s.round} seconds of computing to #{VERBS.fetch(@doing, "draw")}.",
        remedy: REMEDIES.fetch(@doing, "Simplify it where it was made, or save it as a PNG at its final size.")
      )
    end

    # what it was doing, as it says so, in a sentence
    VERBS = {
      "reading" => "read", "preparing" => "prepare", "checking" => "check", "cutting" => "cut round",
      "measuring" => "measure", "comparing" => "compare", "fitting" => "fit"
    }.freeze
    REMEDIES = {
      "preparing" => "Turn a step off, make it smaller on the piece, or save it smaller where it was made.",
      "checking" => "Save it smaller where it was made: 600 pixels an inch at its final size is plenty."
    }.freeze
    private_constant :VERBS, :REMEDIES

    def too_large
      raise UpClose::Errors::TooMuch.new(
        "This file needs more than #{@limits.memory_bytes / 1_000_000} MB of memory to #{VERBS.fetch(@doing, "draw")}.",
        remedy: "Save it smaller: 600 pixels an inch at its final size is plenty."
      )
    end
  end
end
