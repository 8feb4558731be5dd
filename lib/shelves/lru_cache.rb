# frozen_string_literal: true

module Shelves
  # The few things asked for last, kept because making them is the slow part.
  class LruCache
    # @param most [Integer] of them, or of their weights together
    # @param weight [#call] what one that is kept counts for
    def initialize(most: 6, weight: ->(_) { 1 })
      @most, @weight = most, weight
      @lock = Mutex.new
      @kept = {}
      @busy = {}
      @whole = 0
    end

    # Two that ask for the same wait for one answer.
    # @yield to make it when it is not here
    def fetch(key)
      value = at_hand(key)
      return value if value
      turn(key).synchronize { at_hand(key) || keep(key, yield) }
    ensure
      @lock.synchronize { @busy.delete(key) }
    end

    # @return what is kept under the key, or nil
    def at_hand(key)
      @lock.synchronize do
        value, weight = @kept.delete(key)
        return unless weight
        @kept[key] = [value, weight]
        value
      end
    end

    # nothing is kept any more
    def forget
      @lock.synchronize do
        @kept.clear
        @whole = 0
      end
    end

    # @return what is kept now
    def keep(key, value)
      weight = @weight.call(value)
      @lock.synchronize do
        @whole += weight - (@kept.delete(key)&.last || 0)
        @kept[key] = [value, weight]
        @whole -= @kept.shift.last.last while @whole > @most && @kept.size > 1
      end
      value
    end

    private

    def turn(key) = @lock.synchronize { @busy[key] ||= Mutex.new }
  end
end
