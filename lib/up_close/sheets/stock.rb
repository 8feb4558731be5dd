# frozen_string_literal: true

module UpClose
  module Sheets
    # A kind of printable paper or film. Frozen.
    class Stock
      attr_reader :key, :title, :short, :printers, :side, :tell, :white

      # @param short [String] what a sheet of it is called in the drawer
      def initialize(key, title, short:, printers:, side:, tell:, white: false, wipes: false)
        @key, @title, @short, @printers, @side, @tell, @white, @wipes = key, title, short, printers.freeze, side, tell, white, wipes
        freeze
      end

      # can be wiped clean and printed again
      def wipes? = @wipes

      # backed with white, so that the piece does not show through
      def white? = white

      ALL = [
        new("clear-film", "clear water-slide film", short: "clear film", printers: %i[laser inkjet], side: "the glossy side",
          tell: "Film for laser and film for inkjet look alike and are never swapped: read the pack."),
        new("white-film", "white water-slide film", short: "white film", printers: %i[laser inkjet], side: "the glossy side", white: true,
          tell: "Film for laser and film for inkjet look alike and are never swapped: read the pack. White film leaves a white rim where you cut."),
        new("letter-paper", "plain letter paper", short: "paper", printers: %i[laser], side: "either side",
          tell: "Heavier, cotton-rich paper tears less when wet."),
        new("label-backing", "label backing (the liner left when the labels are off)", short: "backing", printers: %i[inkjet], side: "the shiny side",
          tell: "Peel every label off first: one left behind can come loose in the printer."),
        new("photo-paper-back", "photo paper, its slick back", short: "photo back", printers: %i[inkjet], wipes: true, side: "the slick back",
          tell: "Feeds well. Wipe it clean afterwards and it prints again.")
      ].freeze

      # @raise [Errors::Unknown]
      def self.fetch(key)
        ALL.find { |stock| stock.key == key.to_s } ||
          raise(Errors::Unknown.new("No stock is called “#{key}”.", remedy: "Choose one of: #{ALL.map(&:key).join(", ")}.", field: :stock))
      end
    end
  end
end
