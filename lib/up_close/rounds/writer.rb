# frozen_string_literal: true

module UpClose
  module Rounds
    # Writes a method's steps out as the hands do them: lot by lot, piece by piece, tray by tray. Keys of what
    # is done more than once carry which one: "lay:3" for the third piece, "print:lot2", "bake:tray2".
    class Writer
      # @param steps [Array<Methods::Step>] as a method tells them, each once
      # @param prints [Integer]  @param pieces [Integer]
      def initialize(steps, prints:, pieces:)
        @steps, @prints, @pieces = steps, prints, pieces
        @lots = Lots.new(steps, prints: prints)
        @sizes = @lots.call(pieces: pieces)
        @again = (@sizes.size > 1) ? steps[Range.new(*region)].map(&:key) : []
      end

      # @return [Array<Methods::Step>]
      def call
        return @steps.flat_map { |step| trays(step) } if @pieces == 1 && @sizes.one?
        first, last = region
        [
          *spread(@steps.first(first)),
          *@sizes.each_index.flat_map { |i| lot(@steps[first..last], Lot.new(i + 1, @sizes, shares)) },
          *spread(@steps.drop(last + 1))
        ]
      end

      # One lot: which, the prints of all of them, the pieces of all of them. Frozen.
      Lot = Value.define(:number, :prints, :pieces) do
        def of = prints.size

        def only? = of == 1

        # its pieces, numbered through
        # @return [Range]
        def turns
          before = pieces.first(number - 1).sum
          (before + 1)..(before + pieces[number - 1])
        end

        # @param key [String]  @return [String] with the lot's number, where there are several
        def name(key) = only? ? key : "#{key}:lot#{number}"
      end

      private

      # what each lot goes through: from its print to the end of the round it is laid in
      def region
        return [0, @steps.size - 1] if @sizes.one?
        [@steps.index(@lots.opener), @steps.rindex { |step| step.round == @lots.round.key }]
      end

      # pieces for each lot, as many as its share of the prints
      def shares
        upto = @sizes.each_index.map { |i| (@pieces * @sizes.first(i + 1).sum / @prints.to_f).round }
        upto.zip([0, *upto]).map { |now, before| now - before }
      end

      def spread(steps) = lot(steps, Lot.new(1, [@prints], [@pieces]))

      # @return [Array<Methods::Step>]
      def lot(steps, lot)
        steps.chunk_while { |one, other| one.round && one.round == other.round }.flat_map do |group|
          group.first.round ? turns(group, lot) : group.flat_map { |step| trays(in_lot(step, lot)) }
        end
      end

      def turns(group, lot)
        lot.turns.flat_map { |turn| group.map { |step| in_turn(step, turn, lot) } }
      end

      # one step of a round, for one piece
      def in_turn(step, turn, lot)
        step.with(
          key: of_turn(step.key, turn), after: anchor(step, turn, lot),
          repeat_from: step.repeat_from && of_turn(step.repeat_from, turn),
          least_s: step.each_s.to_f + ((turn == lot.turns.begin) ? fixed(step) : 0),
          most_s: step.most_s && step.most_s / @pieces.to_f, number: 1,
          turn: turn, turns: @pieces, lot: (lot.number unless lot.only?), lots: (lot.of unless lot.only?)
        )
      end

      # a step that is done once for a lot
      def in_lot(step, lot)
        return step.with(after: step.after && last_of_all(step.after)) if lot.only?
        number = step.for_prints? ? lot.prints[lot.number - 1] : lot.pieces[lot.number - 1]
        step.with(
          key: lot.name(step.key), after: step.after && lot.name(step.after), number: number,
          lot: lot.number, lots: lot.of,
          least_s: fixed(step) + step.each_s.to_f * number
        )
      end

      # the tray that holds fewer than there are goes in more than once
      def trays(step)
        count = (step.batch && step.wait?) ? (@pieces / step.batch.to_f).ceil : 1
        return [step] if count == 1
        1.upto(count).map do |tray|
          held = [step.batch, @pieces - step.batch * (tray - 1)].min
          step.with(
            key: "#{step.key}:tray#{tray}", least_s: step.least_s / count, most_s: step.most_s && step.most_s / count,
            number: held, lot: tray, lots: count
          )
        end
      end

      def of_turn(key, turn) = (@pieces == 1) ? key : "#{key}:#{turn}"

      # what opens a window: in a round, for the same piece; outside, for the same lot
      def anchor(step, turn, lot)
        return if step.after.nil?
        return of_turn(step.after, turn) if rounds.include?(step.after)
        @again.include?(step.after) ? lot.name(step.after) : step.after
      end

      # what follows all rounds and lots is opened by the last
      def last_of_all(key)
        return of_turn(key, @pieces) if rounds.include?(key)
        @again.include?(key) ? "#{key}:lot#{@sizes.size}" : key
      end

      def rounds = @rounds ||= @steps.select(&:round).map(&:key)

      # seconds whatever the number
      def fixed(step)
        return 0 if step.wait? && step.round
        step.least_s - step.each_s.to_f * step.times(@prints, @pieces)
      end
    end
  end
end
