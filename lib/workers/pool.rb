# frozen_string_literal: true

module Workers
  # A few workers, and a line before them.
  class Pool
    # s in the line before it is said that too much is asked for at once
    MOST_WAITED_S = 120

    # @param size [Integer] how many work at once
    def initialize(size: 2)
      @idle = Queue.new
      @all = Array.new(size) { Worker.new }
      @all.each { |worker| @idle << worker }
    end

    # Does a piece of work apart: the receiver's verb is called in a process of its own.
    # @param receiver [Object] and its arguments: all that Marshal takes
    # @param limits [Limits]
    # @yield [String, Float] what it is doing ("waiting", "reading" …), and for how many seconds; false stops it
    # @return [Object]
    # @raise [UpClose::Error]
    def call(receiver, verb, *arguments, limits: Limits::USUAL, **named, &told)
      told ||= ->(*) { true }
      worker = waited_for(told)
      begin
        worker.call([receiver, verb, arguments, named, limits], limits, &told)
      ensure
        @idle << worker
      end
    end

    # starts them before there is work, so that none waits for that
    def warm = @all.each(&:warm)

    # @return [Integer] the most that any piece of work was seen to hold, bytes
    def peak_bytes = @all.map(&:peak_bytes).max

    def close = @all.each(&:close)

    private

    def waited_for(told)
      began = Process.clock_gettime(Process::CLOCK_MONOTONIC)
      loop do
        return @idle.pop(true)
      rescue ThreadError
        waited = Process.clock_gettime(Process::CLOCK_MONOTONIC) - began
        if told.call("waiting", waited) == false
          raise UpClose::Errors::Stopped.new("You stopped it.", remedy: "Start it again when you like.")
        end
        if waited > MOST_WAITED_S
          raise UpClose::Errors::TooMuch.new("Too many files are being looked at.", remedy: "Try again in a minute.")
        end
        sleep Watched::LOOKED_EVERY_S
      end
    end
  end
end
