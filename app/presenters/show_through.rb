# frozen_string_literal: true

module Presenters
  # What may show through a mark: each answer with what does it here, and how likely that is to come out.
  class ShowThrough
    # so many ways to do it are named
    NAMED = 2

    # +answer+ a UpClose::ShowThrough::Answer; +ways+ rows of a UpClose::Comparison, the best first; +now+: as it is by
    # now. Frozen.
    Row = UpClose::Value.define(:answer, :ways, :now)

    # @param mark [Mark] with an artwork
    def initialize(mark)
      @mark = mark
    end

    # @return [UpClose::ShowThrough::Answer, nil] what its maker said
    def asked = UpClose::ShowThrough.fetch(@mark.show_through)

    # @return [Array<Row>]
    def rows
      now = asked || UpClose::ShowThrough.usual(@mark.stock_core)
      UpClose::ShowThrough::ALL.map { |answer| Row.new(answer, ways(answer), answer == now) }
    end

    # @return [String] "Water-slide, white film"
    def self.words(way)
      stock = way.setting.stock
      way.transfer_method.stocks.any?(&:white?) ? "#{way.transfer_method.title}, #{stock.title}" : way.transfer_method.title
    end

    private

    # those that nothing refuses, once it is known what its colours come to
    def ways(answer)
      return [] unless @mark.looked
      compared = Compared.new(@mark, show_through: answer).to_core
      compared.sorted("fit").reject(&:refused?).select { |row| inked?(row) }.first(NAMED)
    end

    # leaves printed colours on the piece
    def inked?(row) = row.transfer_method.inked? && row.picture?
  end
end
