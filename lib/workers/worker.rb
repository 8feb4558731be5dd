# frozen_string_literal: true

module Workers
  # One worker as the shop sees it: a process of its own, spawned from main.rb, which does each
  # piece of work in a child that it forks for it. Nothing of one piece is left for the next.
  # A piece that uses more than its limits is killed, and the process with it.
  class Worker
    MAIN = File.expand_path("main.rb", __dir__)
    # an address-space limit is only a last resort: it counts what is merely mapped
    MOST_MAPPED_BYTES = 8_000_000_000

    # the most that any piece of work was seen to hold, bytes
    attr_reader :peak_bytes

    def initialize
      @peak_bytes = 0
    end

    # @param work [Array] as Child#call takes it  @param limits [Limits]
    # @yield as Pool#call
    # @return [Object] what the verb answered
    # @raise [UpClose::Error] as the verb refused, or when it was over its limits, or stopped
    def call(work, limits)
      start unless alive?
      Frames.write(@in, work)
      watch(limits) { |*at| yield(*at) }
    rescue Errno::EPIPE, IOError
      close
      raise Watched.broken
    rescue UpClose::Errors::TooMuch, UpClose::Errors::Stopped, Interrupt
      close
      raise
    end

    def warm = (start unless alive?)

    # the process and all that it forked
    def close
      return unless @pid
      Process.kill(:KILL, -@pid)
      Process.wait(@pid)
    rescue Errno::ESRCH, Errno::ECHILD
      nil
    ensure
      [@in, @out].compact.each(&:close)
      @pid = nil
    end

    private

    def alive? = @pid && Process.wait(@pid, Process::WNOHANG).nil?

    def start
      close if @pid
      child_in, @in = IO.pipe(binmode: true)
      @out, child_out = IO.pipe(binmode: true)
      @pid = Process.spawn(
        RbConfig.ruby,
        MAIN,
        in: child_in,
        out: child_out,
        pgroup: true,
        rlimit_core: 0,
        rlimit_as: MOST_MAPPED_BYTES
      )
      [child_in, child_out].each(&:close)
    end

    def watch(limits, &told)
      watched = Watched.new(limits)
      watched.follow(@out, &told)
    ensure
      @peak_bytes = [@peak_bytes, watched.peak_bytes].max
    end
  end
end
