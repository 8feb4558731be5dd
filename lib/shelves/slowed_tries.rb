# frozen_string_literal: true

module Shelves
  # Wrong tries at a secret make the next one wait: those of one address longer and longer, those of all addresses
  # together up to a minute. Kept in memory, one try at a time.
  class SlowedTries
    FREE, FREE_OF_ALL = 5, 20
    MOST_S, MOST_OF_ALL_S = 900, 60
    # so long after its last miss an address begins anew
    FORGOTTEN_S = 3600
    MOST_ADDRESSES = 500

    Misses = Struct.new(:count, :last_s) do
      # @return [Float] s until the next try, 0 or less when it may be made
      def wait(now_s, free, most_s)
        return 0.0 if count < free || now_s - last_s > FORGOTTEN_S
        last_s + [2.0**[count - free, 20].min, most_s].min - now_s
      end

      def miss(now_s)
        self.count = (now_s - last_s > FORGOTTEN_S) ? 1 : count + 1
        self.last_s = now_s
      end
    end

    # @param clock [#call] s, never set back
    def initialize(clock: -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) })
      @clock, @lock, @addresses, @all = clock, Mutex.new, {}, Misses.new(0, 0.0)
    end

    # @param address [String] of who tries
    # @yieldreturn [Boolean] whether it was right; not called while there is still to be waited
    # @return [true, false, Integer] right, wrong, or the whole seconds to wait
    def try(address)
      @lock.synchronize do
        wait = [wait_of(address), @all.wait(@clock.call, FREE_OF_ALL, MOST_OF_ALL_S)].max
        next wait.ceil if wait.positive?
        next @addresses.delete(address).then { true } if yield
        missed(address)
        false
      end
    end

    private

    def wait_of(address) = @addresses[address]&.wait(@clock.call, FREE, MOST_S) || 0.0

    def missed(address)
      @addresses.shift if @addresses.size >= MOST_ADDRESSES
      [@addresses[address] ||= Misses.new(0, @clock.call), @all].each { |misses| misses.miss(@clock.call) }
    end
  end
end
