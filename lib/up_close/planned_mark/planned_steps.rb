# frozen_string_literal: true

module UpClose
  class PlannedMark
    # The steps of one mark and how long they take: part of PlannedMark.
    module PlannedSteps
      # @return [Array<Methods::Step>] sealing included, as long as this room makes them
      def steps = @steps ||= bare_steps.map { |step| climate.call(step) }

      # @return [Array<Rounds::Round>] what is done for one piece before the next is begun
      def rounds = Rounds.of(steps)

      # @return [Rounds::Lots] how many prints are made at a time
      def lots = @lots ||= Rounds::Lots.new(steps, prints: setting.copies)

      # @return [Array<Integer>] prints in each lot
      def lot_sizes = lots.call(pieces: setting.pieces)

      # @return [Array<Methods::Step>] as the hands do them: lot by lot, piece by piece, tray by tray
      def written_out = Rounds.written_out(steps, prints: setting.copies, pieces: setting.pieces)

      # @return [Array<Methods::Step>] in a room of 20 °C
      def bare_steps
        @bare_steps ||= book.timed(setting.transfer_method.key, WholeWork.call(sealer, setting))
      end

      # When it is dry to the touch, can be coated again, handled, and is cured.
      # @return [Hash{Symbol => Float}] seconds from the start of the first step, by Methods::Step::MOMENTS
      def ready_s
        clockwork = Runs::Clockwork.new(steps: written_out, began_at: 0.0, done_at: {})
        moments = clockwork.moments(0.0)
        return moments unless moments.empty?
        done = clockwork.ready_at(0.0)
        Methods::Step::MOMENTS.keys.to_h { |name| [name, done] }
      end

      # seconds of the maker's hands for all of it
      def hands_s = written_out.reject(&:wait?).sum(&:least_s)

      # seconds of the maker's hands for one try
      def hands_each_s
        steps.reject(&:wait?).sum { |step| step.least_s / step.times(setting.copies, setting.pieces) }
      end
    end
  end
end
