# frozen_string_literal: true

module Shelves
  # The few things asked for last, kept because making them is the slow part.
  class LruCache
    def initialize(most: 6)
      @most = most
      @lock = Mutex.new
      @kept = {}
      @busy = {}
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
        value = @kept.delete(key) or return
        @kept[key] = value
      end
    end

    # @return what is kept now
    def keep(key, value)
      @lock.synchronize do
        @kept[key] = value
        @kept.shift while @kept.size > @most
      end
      value
    end

    private

    def turn(key) = @lock.synchronize { @busy[key] ||= Mutex.new }
  end
end
