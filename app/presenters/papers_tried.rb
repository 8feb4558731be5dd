# frozen_string_literal: true

module Presenters
  # Two papers of one method, as the record has them.
  class PapersTried
    MOST = 2

    # One paper: its name, and what is known of it. Frozen.
    Paper = UpClose::Value.define(:title, :chance, :good, :tried)

    # @param record [RecordOf]
    def initialize(record)
      @record = record
    end

    # the two of one method that were tried most
    # @return [Array<Paper>]
    def papers
      return [] unless @record.transfer_method
      @papers ||= @record.stocks.first(MOST).map { |key, (good, tried)|
        stock = UpClose::Sheets::Stock.fetch(key)
        start = @record.transfer_method.chance_with(stock)
        Paper.new(stock.short, UpClose::Record::PooledChance.new(start, own: [good, tried]), good, tried)
      }.sort_by { |paper| -paper.chance.mean }
    end

    # "92 % sure that film is better"
    def better
      one, other = papers
      return unless other
      sure = UpClose::Statistics::LargerShare.call(one.chance.belief, other.chance.belief)
      "#{(sure * 100).floor} % sure that #{one.title} is better"
    end
  end
end
