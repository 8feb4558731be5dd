# frozen_string_literal: true

module Actions
  # Writes down how each piece came out. Saying it again of the same print changes it; of another print, it is
  # another try at that piece.
  module RecordAttempt
    module_function

    # @param piece [Integer]  @param form [Forms::AttemptForm] gets the refusal
    # @return [Attempt, nil]
    def call(mark, piece, form)
      return unless form.ok?
      ApplicationRecord.change do
        mark.lock!
        print = form.values[:print] || mark.attempts.select { |a| a.piece == piece }.map(&:copy).max || mark.next_print
        attempt = mark.attempts.find_or_initialize_by(copy: print)
        check_free(attempt, piece)
        attempt.update!(form.values.slice(:result, :faults, :note).merge(piece: piece, run: mark.run))
        attempt
      end
    rescue UpClose::Error => error
      form.refuse(error, :print)
      nil
    end

    # a print lies on one piece
    def check_free(attempt, piece)
      return if attempt.new_record? || attempt.piece == piece
      raise UpClose::Error.new(
        "Print #{attempt.copy} was used on piece #{attempt.piece}.",
        remedy: "Choose the print that lies on this piece.",
        field: :print
      )
    end

    # the try at the bench is spoilt
    # @param piece [Integer, nil] which piece it was on; the first that is still wanted, unless said
    # @return [Attempt]
    def spoilt(mark, run, piece: nil)
      ApplicationRecord.change do
        mark.lock!
        made = mark.attempts.create!(
          copy: mark.next_print, piece: piece || mark.pieces_wanting.first || 1, run: run, result: "spoilt",
          faults: [], note: ""
        )
        mark.attempts.reset
        made
      end
    end

    # every piece that nothing was said of came out, each with the next print; what was spoilt stays so
    # @return [Integer] how many
    def rest_good(mark)
      ApplicationRecord.change do
        mark.lock!
        facts, print, run = AttemptFacts.new(mark), mark.next_print, mark.run
        mark.untold_pieces.each_with_index { |piece, i|
          mark.attempts.create!(
            **facts.call(piece), copy: print + i, piece: piece, run: run, result: "good", faults: [], note: ""
          )
        }.size.tap { mark.attempts.reset }
      end
    end
  end
end
