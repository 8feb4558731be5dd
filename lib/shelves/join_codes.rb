# frozen_string_literal: true

require "digest"
require "securerandom"

module Shelves
  # Codes that sign in one device each, within ten minutes. Kept in memory, by their hash alone.
  class JoinCodes
    LASTS_S = 600
    MOST = 20
    # none that is taken for another when it is typed; eight of them are 39 bits, and wrong ones slow the next
    LETTERS = %w[2 3 4 5 6 7 8 9 a b c d e f g h j k m n p q r s t u v w x y z].freeze

    Code = Struct.new(:role, :until_s)

    # @param clock [#call] s, never set back
    def initialize(clock: -> { Process.clock_gettime(Process::CLOCK_MONOTONIC) })
      @clock, @lock, @codes = clock, Mutex.new, {}
    end

    # @param role [String] of SignedDevice::ROLES
    # @return [String] the code itself, told once
    def make(role)
      code = Array.new(2) { Array.new(4) { LETTERS.sample(random: SecureRandom) }.join }.join("-")
      @lock.synchronize do
        sweep
        @codes.shift if @codes.size >= MOST
        @codes[hash_of(code)] = Code.new(role, @clock.call + LASTS_S)
      end
      code
    end

    # @return [String, nil] its role, nil when it is unknown, used or too old
    def role(code) = @lock.synchronize { sweep && @codes[hash_of(code)]&.role }

    # @return [String, nil] its role; the code is used up by it
    def use(code) = @lock.synchronize { sweep && @codes.delete(hash_of(code))&.role }

    private

    def sweep = @codes.delete_if { |_, code| code.until_s < @clock.call }

    def hash_of(code) = Digest::SHA256.hexdigest(code.to_s)
  end
end
