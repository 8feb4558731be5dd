# frozen_string_literal: true

module UpClose
  # Work that is done for one piece, whole, before the next is begun (handbook, “Batches and the room”): coat, lay and
  # press one blank, then the next. How long a round takes, how many prints one lot may hold, and the steps
  # of a run written out piece by piece.
  module Rounds
    # @param steps [Array<Methods::Step>] as a method tells them, each once
    # @return [Array<Round>] in their order
    def self.of(steps)
      steps.select(&:round).group_by(&:round).values.map { |list| Round.new(list) }
    end

    # @param steps [Array<Methods::Step>] written out
    # @return [Array<Methods::Step>] each round as one step, for a plan
    def self.gathered(steps) = Gathered.new(steps).call

    # Prints that must be made in lots, or cannot be laid in time at all.
    # @param lots [Lots]  @param sizes [Array<Integer>] prints in each
    # @return [Finding, nil] nil where nothing limits them
    def self.finding(lots, sizes)
      return unless lots.laid
      return too_slow(lots) unless lots.possible?
      return if sizes.one?
      Finding.note(
        :lots, "In lots",
        figure: sizes.join(" + "), value: lots.most, unit: "prints", working: lots.working,
        reason: "#{lots.most} at most can be laid before the window of the last one shuts: print #{sizes.first}, lay " \
          "#{sizes.first}, then print the next."
      )
    end

    # @param lots [Lots]  @return [Finding]
    def self.too_slow(lots)
      Finding.stop(
        :lots, "In time",
        figure: "too slow", value: lots.late_s(1), unit: "s", working: lots.working,
        reason: "“#{lots.laid.title}” ends after its window has shut, even for one print.",
        remedy: "Make it smaller, or work in a cooler room, which leaves more time."
      )
    end
    private_class_method :too_slow

    # @param steps [Array<Methods::Step>] as a method tells them
    # @param prints [Integer]  @param pieces [Integer]
    # @return [Array<Methods::Step>] in the order in which the hands do them, each for its piece, lot or tray
    def self.written_out(steps, prints:, pieces:)
      Writer.new(steps, prints: prints, pieces: pieces).call
    end
  end
end
