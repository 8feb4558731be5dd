# frozen_string_literal: true

module UpClose
  module Sheets
    # A kind of printable paper or film. Frozen.
    class Stock
      attr_reader :key, :title, :short, :printers, :side, :tell, :white, :reads, :use

      # @param short [String] what a sheet of it is called in the drawer
      # @param printers [Array<Symbol>] none when nothing is printed on it
      # @param side [String] the printable one  @param tell [String] how to tell it, and what to mind
      # @param reads [String] which way a print on it usually reads  @param use [String] what for
      def initialize(
        key, title, short:, printers:, side:, tell:, reads:, use:, white: false, wipes: false, carrier: false
      )
        @key, @title, @short, @printers, @side, @tell, @reads, @use =
          key, title, short, printers.freeze, side, tell, reads, use
        @white, @wipes, @carrier = white, wipes, carrier
        freeze
      end

      # can be wiped clean and printed again
      def wipes? = @wipes

      # never feeds by itself, whatever its size
      def carrier? = @carrier

      # backed with white, so that the piece does not show through
      def white? = white

      def printed? = printers.any?

      FILM = "Film for laser and film for inkjet look alike and are never swapped: read the pack."

      # handbook, “Sheets and stock”
      ALL = [
        new(
          "clear-film",
          "clear water-slide film",
          short: "clear film",
          printers: %i[laser inkjet],
          side: "the glossy side",
          reads: "as it is",
          use: "light, glossy pieces; it has no white",
          tell: FILM
        ),
        new(
          "white-film",
          "white water-slide film",
          short: "white film",
          printers: %i[laser inkjet],
          side: "the glossy side",
          reads: "as it is",
          use: "dark pieces",
          white: true,
          tell: "#{FILM} White film leaves a white rim where you cut."
        ),
        new(
          "letter-paper",
          "plain letter paper",
          short: "paper",
          printers: %i[laser inkjet],
          side: "either side",
          reads: "by the method",
          use: "solvent rub, iron, tape lift, gel, varnish",
          tell: "Heavier, cotton-rich paper tears less when wet."
        ),
        new(
          "quick-peel",
          "coated quick-peel paper",
          short: "quick peel",
          printers: %i[laser],
          side: "the coated side",
          reads: "mirrored",
          use: "gel medium",
          tell: "A damp finger sticks to the coated side. It peels off in one piece."
        ),
        new(
          "label-backing",
          "label backing (the liner left when the labels are off)",
          short: "backing",
          printers: %i[laser inkjet],
          side: "the shiny side",
          reads: "mirrored",
          use: "ink offset, lacquer pull",
          tell: "Peel every label off first: one left behind can come loose in the printer. Toner scrapes off it at " \
            "a touch."
        ),
        new(
          "photo-paper-back",
          "photo paper, its slick back",
          short: "photo back",
          printers: %i[inkjet],
          wipes: true,
          side: "the slick back",
          reads: "mirrored",
          use: "ink offset",
          tell: "Feeds well. Wipe it clean afterwards and it prints again."
        ),
        new(
          "photo-paper-front",
          "glossy photo paper, its front",
          short: "photo front",
          printers: %i[laser],
          side: "the glossy side",
          reads: "mirrored",
          use: "heat resist",
          tell: "Cheap and unreliable: it can take five or six tries. Never paper whose coating melts in a laser: " \
            "try a strip."
        ),
        new(
          "wax-paper",
          "wax or freezer paper",
          short: "wax paper",
          printers: %i[inkjet],
          wipes: true,
          carrier: true,
          side: "the shiny side",
          reads: "mirrored",
          use: "ink offset",
          tell: "Always on a carrier, the tape flat. Freezer paper wipes clean, and sometimes gives two pulls from " \
            "one print."
        ),
        new(
          "resist-film",
          "heat resist film",
          short: "resist film",
          printers: %i[laser],
          side: "the matt side",
          reads: "mirrored",
          use: "etching",
          tell: "The surest for etching. Its matt side takes the toner."
        ),
        new(
          "transparency",
          "overhead transparency film",
          short: "transparency",
          printers: %i[laser],
          side: "the rough side",
          reads: "mirrored",
          use: "etching",
          tell: "Made for laser printers, never for inkjet: that one melts in the fuser."
        ),
        new(
          "wet-release-film",
          "wet-release film",
          short: "release film",
          printers: %i[laser],
          side: "the coated side",
          reads: "mirrored",
          use: "foil skins",
          tell: "A damp finger sticks to the coated side."
        ),
        new(
          "clear-tape",
          "clear parcel tape",
          short: "tape",
          printers: [],
          side: "the sticky side",
          reads: "as it is",
          use: "tape lift",
          tell: "Wide, clear, without print. Nothing is printed on it."
        ),
        new(
          "carbon-paper",
          "carbon or transfer paper",
          short: "carbon",
          printers: [],
          side: "carbon down",
          reads: "as it is",
          use: "tracing",
          tell: "White or yellow for dark wood; colours tell parts apart."
        ),
        new(
          "template-card",
          "card or template plastic",
          short: "card",
          printers: %i[laser inkjet],
          side: "either side",
          reads: "as it is",
          use: "cut templates",
          tell: "Or glue a plain print onto it."
        )
      ].freeze

      # what goes through a printer
      def self.printed = ALL.select(&:printed?)

      # @raise [Errors::Unknown]
      def self.fetch(key)
        ALL.find { |stock| stock.key == key.to_s } ||
          raise(Errors::Unknown.new(
            "No stock is called “#{key}”.",
            remedy: "Choose one of: #{ALL.map(&:key).join(", ")}.",
            field: :stock
          ))
      end
    end
  end
end
