# frozen_string_literal: true

module Shelves
  # Whatever has the same key goes one after the other; what has another goes beside it.
  class KeyedLocks
    def initialize
      @guard, @locks = Mutex.new, {}
    end

    # @param key [Object]  @return [Object] what the block answers
    def with(key)
      lock = @guard.synchronize { (@locks[key] ||= [Mutex.new, 0]).tap { |held| held[1] += 1 }[0] }
      lock.synchronize { yield }
    ensure
      @guard.synchronize { @locks.delete(key) if lock && (@locks[key][1] -= 1).zero? }
    end
  end
end
