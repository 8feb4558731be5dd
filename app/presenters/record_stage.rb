# frozen_string_literal: true

module Presenters
  # How each piece came out: which print was used, after how many tries, and which piece is asked about now.
  class RecordStage
    # One piece: its last try, and how many failed before it. Frozen.
    Line = UpClose::Value.define(:piece, :attempt, :failed, :reads, keyword_init: true)

    # @param mark [Mark]  @param piece [Integer, nil] the one that is asked about
    def initialize(mark, piece)
      @mark, @asked = mark, piece
    end

    # @return [Array<Line>] one for each piece wanted, and for what was written down beyond them
    def lines = @lines ||= (1..last).map { |piece| line(piece) }

    # the piece asked about: the one chosen, else the first of which nothing is known
    # @return [Line, nil]
    def turn
      return lines[@asked - 1] if @asked&.between?(1, last)
      lines.find { |line| line.attempt.nil? || line.attempt.result == "spoilt" } unless done?
    end

    # pieces of which nothing good is known yet
    def open = @mark.pieces_wanting

    def done? = open.empty?

    # every piece has been tried, and some are still not good
    def short? = open.any? && open.all? { |piece| lines[piece - 1].attempt }

    # prints that can be named
    # @return [Range]
    def prints = 1..@mark.prints_made

    # the print that a piece's next word is about: its own, or after a failed try the next
    # @param line [Line]
    def print_of(line)
      return @mark.next_print if line.attempt.nil? || line.attempt.result == "spoilt"
      line.attempt.copy
    end

    # pieces of which nothing was said yet
    def untold = @mark.untold_pieces

    # what one press says of them, and of how many
    def good_words
      return "It is good" if @mark.good_wanted == 1
      return "All #{untold.size} are good" if @mark.attempts.empty?
      (untold.size == 1) ? "Piece #{untold.first} is good" : "The other #{untold.size} are good"
    end

    # "10 good, 1 spoilt"
    def tally = UpClose::Record.tally(@mark.attempts.map(&:result))

    # @return [Hash{String => String}] faults that can happen by this way, for this purpose
    def faults
      keys = UpClose::Record::Possible.call(@mark.setting, @mark.sealer_core)
      UpClose::Record::FAULTS.slice(*(keys | lines.flat_map { |line| line.attempt&.faults.to_a }))
    end

    private

    def last = @last ||= [@mark.good_wanted, *@mark.attempts.filter_map(&:piece)].max

    def line(piece)
      tries = @mark.attempts.select { |attempt| attempt.piece == piece }.sort_by(&:copy)
      Line.new(piece: piece, attempt: tries.last, failed: tries[0..-2].size, reads: @mark.reads(piece))
    end
  end
end
