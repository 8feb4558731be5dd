# frozen_string_literal: true

module UpClose
  module Sheets
    class Stock
      # Every kind of stock we know.
      module Kinds
        FILM = "Film for laser and film for inkjet look alike and are never swapped: read the pack."

        # handbook, “Sheets and stock”
        ALL = [
          Stock.new(
            "clear-film",
            "clear water-slide film",
            short: "clear film",
            pack: [1500, 10],
            printers: %i[laser inkjet],
            side: "the glossy side",
            reads: "as it is",
            use: "light, glossy pieces; it has no white",
            tell: FILM
          ),
          Stock.new(
            "white-film",
            "white water-slide film",
            short: "white film",
            pack: [1700, 10],
            printers: %i[laser inkjet],
            side: "the glossy side",
            reads: "as it is",
            use: "dark pieces",
            white: true,
            tell: "#{FILM} White film leaves a white rim where you cut."
          ),
          Stock.new(
            "letter-paper",
            "plain letter paper",
            short: "paper",
            pack: [600, 500],
            printers: %i[laser inkjet],
            side: "either side",
            reads: "by the method",
            use: "solvent rub, iron, tape lift, gel, varnish",
            tell: "Heavier, cotton-rich paper tears less when wet."
          ),
          Stock.new(
            "quick-peel",
            "coated quick-peel paper",
            short: "quick peel",
            pack: [1200, 10],
            printers: %i[laser],
            side: "the coated side",
            reads: "mirrored",
            use: "gel medium",
            tell: "A damp finger sticks to the coated side. It peels off in one piece."
          ),
          Stock.new(
            "label-backing",
            "label backing (the liner left when the labels are off)",
            short: "backing",
            pack: [100, 25],
            printers: %i[laser inkjet],
            side: "the shiny side",
            reads: "mirrored",
            use: "ink offset, lacquer pull",
            tell: "Peel every label off first: one left behind can come loose in the printer. Toner scrapes off it " \
              "at a touch."
          ),
          Stock.new(
            "photo-paper-back",
            "photo paper, its slick back",
            short: "photo back",
            pack: [900, 20, 8],
            printers: %i[inkjet],
            wipes: true,
            side: "the slick back",
            reads: "mirrored",
            use: "ink offset",
            tell: "Feeds well. Wipe it clean afterwards and it prints again."
          ),
          Stock.new(
            "photo-paper-front",
            "glossy photo paper, its front",
            short: "photo front",
            pack: [900, 20],
            printers: %i[laser],
            side: "the glossy side",
            reads: "mirrored",
            use: "heat resist",
            tell: "Cheap and unreliable: it can take five or six tries. Never paper whose coating melts in a laser: " \
              "try a strip."
          ),
          Stock.new(
            "wax-paper",
            "wax or freezer paper",
            short: "wax paper",
            pack: [300, 20, 3],
            printers: %i[inkjet],
            wipes: true,
            carrier: true,
            side: "the shiny side",
            reads: "mirrored",
            use: "ink offset",
            tell: "Always on a carrier, the tape flat. Freezer paper wipes clean, and sometimes gives two pulls from " \
              "one print."
          ),
          Stock.new(
            "resist-film",
            "heat resist film",
            short: "resist film",
            pack: [2400, 10],
            printers: %i[laser],
            side: "the matt side",
            reads: "mirrored",
            use: "etching",
            tell: "The surest for etching. Its matt side takes the toner."
          ),
          Stock.new(
            "transparency",
            "overhead transparency film",
            short: "transparency",
            pack: [1500, 50],
            printers: %i[laser],
            side: "the rough side",
            reads: "mirrored",
            use: "etching",
            tell: "Made for laser printers, never for inkjet: that one melts in the fuser."
          ),
          Stock.new(
            "wet-release-film",
            "wet-release film",
            short: "release film",
            pack: [2500, 10],
            printers: %i[laser],
            side: "the coated side",
            reads: "mirrored",
            use: "foil skins",
            tell: "A damp finger sticks to the coated side."
          ),
          Stock.new(
            "clear-tape",
            "clear parcel tape",
            short: "tape",
            printers: [],
            side: "the sticky side",
            reads: "as it is",
            use: "tape lift",
            tell: "Wide, clear, without print. Nothing is printed on it."
          ),
          Stock.new(
            "carbon-paper",
            "carbon or transfer paper",
            short: "carbon",
            printers: [],
            side: "carbon down",
            reads: "as it is",
            use: "tracing",
            tell: "White or yellow for dark wood; colours tell parts apart."
          ),
          Stock.new(
            "template-card",
            "card or template plastic",
            short: "card",
            pack: [500, 20],
            printers: %i[laser inkjet],
            side: "either side",
            reads: "as it is",
            use: "cut templates",
            tell: "Or glue a plain print onto it."
          )
        ].freeze
      end
    end
  end
end
