# frozen_string_literal: true

module Workers
  # What is there for a few at a time, and a line of those who wait for it, served in the order they came.
  class Line
    # s in the line before it is said that too much is asked for at once
    MOST_WAITED_S = 300
    # beyond so many, whoever comes next is sent away at once
    MOST = 32

    # @param free [Array] what is handed out
    # @param most [Integer] how many may wait
    def initialize(free, most: MOST)
      @free, @most, @waiting, @lock = free.dup, most, [], Mutex.new
    end

    # Waits for one of them, and has it back when the block is done.
    # @param told [Proc] as Pool#call's block
    # @yield [Object] it
    def with(told)
      waiting = waited_for(told)
      begin
        yield waiting
      ensure
        @lock.synchronize { @free << waiting }
      end
    end

    # @param before [Integer]
    # @return [String] what stands there for whoever waits
    def self.words(before) = before.zero? ? "in line, yours is next" : "in line, #{before} before yours"

    private

    def waited_for(told)
      place, began = Object.new, now
      enter(place)
      loop do
        waiting, before = look(place)
        return waiting if waiting
        go_on!(told, before, now - began)
        sleep Watched::LOOKED_EVERY_S
      end
    ensure
      @lock.synchronize { @waiting.delete(place) }
    end

    def now = Process.clock_gettime(Process::CLOCK_MONOTONIC)

    def enter(place)
      @lock.synchronize do
        too_much if @waiting.size >= @most
        @waiting << place
      end
    end

    # @return [Array(Object, Integer)] one of what is free, or nil and how many come first
    def look(place)
      @lock.synchronize do
        before = @waiting.index(place)
        next [nil, before] if before >= @free.size
        @waiting.delete_at(before)
        [@free.shift, 0]
      end
    end

    # @raise [UpClose::Errors::Stopped, UpClose::Errors::TooMuch]
    def go_on!(told, before, waited_s)
      Watched.stopped! if told.call(Line.words(before), waited_s) == false
      too_much if waited_s > MOST_WAITED_S
    end

    def too_much
      raise UpClose::Errors::TooMuch.new("Too much is asked for at once.", remedy: "Try again in a minute.")
    end
  end
end
