# frozen_string_literal: true

module UpClose
  module Sheets
    # A kind of printable paper or film. Frozen.
    class Stock
      attr_reader :key, :title, :short, :printers, :side, :tell, :white, :reads, :use, :pack

      # @param short [String] what a sheet of it is called in the drawer
      # @param printers [Array<Symbol>] none when nothing is printed on it
      # @param side [String] the printable one  @param tell [String] how to tell it, and what to mind
      # @param reads [String] which way a print on it usually reads  @param use [String] what for
      # @param pack [Array<Integer>, nil] what one usually costs (cents), the sheets in it, how often each serves
      def initialize(
        key, title, short:, printers:, side:, tell:, reads:, use:, pack: nil, white: false, wipes: false,
        carrier: false
      )
        @key, @title, @short, @printers, @side, @tell, @reads, @use =
          key, title, short, printers.freeze, side, tell, reads, use
        @white, @wipes, @carrier, @pack = white, wipes, carrier, pack.freeze
        freeze
      end

      # can be wiped clean and printed again
      def wipes? = @wipes

      # never feeds by itself, whatever its size
      def carrier? = @carrier

      # backed with white, so that the piece does not show through
      def white? = white

      def printed? = printers.any?

      # @return [Array<Stock>] every kind we know
      def self.all = Kinds::ALL

      # what goes through a printer
      def self.printed = all.select(&:printed?)

      # @raise [Errors::Unknown]
      def self.fetch(key)
        all.find { |stock| stock.key == key.to_s } ||
          raise(Errors::Unknown.new(
            "No stock is called “#{key}”.",
            remedy: "Choose one of: #{all.map(&:key).join(", ")}.",
            field: :stock
          ))
      end
    end
  end
end
