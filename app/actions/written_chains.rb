# frozen_string_literal: true

module Actions
  # The steps of every open mark, written out anew only where something changed: of a mark that nobody has begun they
  # depend on its own rows and its neighbours', and on what the whole shop has in common. What is under way depends on
  # the moment too, and is always written out anew.
  class WrittenChains
    # tables of which a row concerns the marks of one piece alone
    OWN = %w[artworks jobs marks pieces runs step_ends].freeze

    def initialize
      @lock, @kept = Mutex.new, {}
    end

    # @param marks [Array<Mark>] with artwork, piece, job and runs at hand
    # @yieldparam mark [Mark]  @yieldreturn [UpClose::Timetable::TaskChain]
    # @return [Array<UpClose::Timetable::TaskChain>] in the same order; the very one of before where nothing changed
    def call(marks)
      kept, known_by = @lock.synchronize { @kept }, signs(marks)
      now = marks.to_h { |mark|
        before = kept[mark.id]
        same = before && mark.run.nil? && before.first == known_by[mark]
        [mark.id, same ? before : [known_by[mark], yield(mark)]]
      }
      @lock.synchronize { @kept = now }
      now.values.map(&:last)
    end

    def forget = @lock.synchronize { @kept = {} }

    private

    # @return [Hash{Mark => Array}] equal as long as nothing changed that the mark's steps depend on
    def signs(marks)
      shop = ChangeCount.counts.except(*OWN)
      beside = Mark.where(piece_id: marks.map(&:piece_id).uniq).order(:id)
        .pluck(:piece_id, :id, :updated_at).group_by(&:first)
      marks.to_h do |mark|
        rows = [mark.artwork, mark.piece, mark.job].map { |row| row&.updated_at }
        [mark, [shop, mark.attributes.hash, beside[mark.piece_id], *rows]]
      end
    end
  end
end
