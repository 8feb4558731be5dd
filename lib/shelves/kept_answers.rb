# frozen_string_literal: true

require "shelves/lru_cache"
require "workers"

module Shelves
  # Answers that are long in coming, each kept under exactly what it was computed from: who was asked, for what, and
  # with which values. There is no other way to name one, so none can be out of date.
  module KeptAnswers
    # answers weigh as much as a small one, or as their bytes
    MOST, SMALL_BYTES = 1200, 40_000
    KEPT = LruCache.new(most: MOST, weight: ->(kept) { kept.weight })

    # An answer, which may be nil.
    Kept = Struct.new(:answer) do
      def weight = 1 + bytes(answer) / SMALL_BYTES

      private

      def bytes(value)
        case value
        when String then value.bytesize
        when Array then value.sum { |one| bytes(one) }
        when Hash then bytes(value.values)
        else 0
        end
      end
    end

    module_function

    # @param asked [Object] whose class answers to UpClose::Identity.of, as do all values
    # @return [Object] what it answers, now or before
    def of(asked, verb, *args, **named)
      KEPT.fetch(kept_as(asked, verb, *args, **named)) { Kept.new(asked.public_send(verb, *args, **named)) }.answer
    end

    # the same, worked out in a worker
    def apart(asked, verb, *args, **named)
      KEPT.fetch(kept_as(asked, verb, *args, **named)) { Kept.new(Workers.call(asked, verb, *args, **named)) }.answer
    end

    # @return [Object, nil] what it answered, nil where it was not asked lately
    def at_hand(asked, verb, *args, **named) = KEPT.at_hand(kept_as(asked, verb, *args, **named))&.answer

    # all of them, as when the process begins
    def forget = KEPT.forget

    # @return [String] what the answer is kept under
    def kept_as(asked, verb, *args, **named) = UpClose::Identity.of(asked, verb, args, named)
  end
end
