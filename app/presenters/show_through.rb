# frozen_string_literal: true

module Presenters
  # What may show through a mark: each answer with what does it here, and how likely that is to come out.
  class ShowThrough
    # so many ways to do it are named
    NAMED = 2

    # +answer+ a UpClose::ShowThrough::Answer; +ways+ rows of a UpClose::Comparison, the best first; +now+: as
    # it is by now. Frozen.
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

    # @return [String] "Gel medium"; where there is white to choose, its sheet: "White water-slide film"
    def self.words(way)
      method = way.transfer_method
      method.stocks.any?(&:white?) ? way.setting.stock.title.then { |t| t[0].upcase + t[1..] } : method.title
    end

    private

    # once it is known what its colours come to
    def ways(answer)
      @mark.looked ? Compared.new(@mark, show_through: answer).to_core.ways_for(answer).first(NAMED) : []
    end
  end
end
