# frozen_string_literal: true

module Workers
  # A few workers, and a line before them.
  class Pool
    # @param size [Integer] how many work at once
    def initialize(size: 2)
      @all = Array.new(size) { Worker.new }
      @line = Line.new(@all)
    end

    # Does a piece of work apart: the receiver's verb is called in a process of its own.
    # @param receiver [Object] and its arguments: all that Marshal takes
    # @param limits [Limits]
    # @yield [String, Float, Float] what it is doing ("in line, 2 before yours", "reading" …), for how many seconds,
    #   and how far it is, 0..1, nil where that is not known; false stops it
    # @return [Object]
    # @raise [UpClose::Error]
    def call(receiver, verb, *arguments, limits: Limits::USUAL, **named, &told)
      told ||= ->(*) { true }
      @line.with(told) do |worker|
        worker.call([receiver, verb, arguments, named, limits], limits, &told)
      end
    end

    # starts them before there is work, so that none waits for that
    def warm = @all.each(&:warm)

    # @return [Integer] the most that any piece of work was seen to hold, bytes
    def peak_bytes = @all.map(&:peak_bytes).max

    def close = @all.each(&:close)
  end
end
