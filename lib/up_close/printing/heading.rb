# frozen_string_literal: true

module UpClose
  module Printing
    # What a sheet says of itself, outside the marks. Frozen.
    class Heading
      LINE_MM = 4.2
      READS = {
        true => "Reads backwards on purpose",
        false => "Reads as it is",
        :some => "Those with a turned letter read backwards on purpose"
      }.freeze

      # @param title [String] job and mark  @param stock [Sheets::Stock]
      def initialize(title:, stock:)
        @title, @stock = title, stock
        freeze
      end

      # @return [Array<String>]
      def lines(sheet:, sheets:, mirrored:)
        [
          [@title, ("sheet #{sheet} of #{sheets}" if sheets > 1)].compact.join(" · "),
          "#{@stock.title.capitalize}: print on #{@stock.side}.",
          "#{READS.fetch(mirrored)}. #{Pack::SETTINGS}."
        ]
      end

      # @param x [Float] mm  @param y [Float] mm, the first line's foot  @return [Array<Items::Text>]
      def items(x:, y:, **of)
        lines(**of).each_with_index.map { |words, i| Items::Text.new(words, x: x, y: y + i * LINE_MM, bold: i.zero?) }
      end
    end
  end
end
