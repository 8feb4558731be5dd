# frozen_string_literal: true

module UpClose
  module Supplies
    # What several methods, finishes or works take.
    module Shared
      # title, unit, cents of a pack and what is in it
      ALL = [
        Kind.of("toner", "g", 6900, 90),
        Kind.of("ink", "ml", 1990, 30),
        # solvents and cleaners
        Kind.of("acetone", "ml", 500, 500),
        Kind.of("alcohol", "ml", 400, 500),
        Kind.of("degreaser", "ml", 600, 500),
        Kind.of("white spirit", "ml", 500, 1000),
        Kind.of("baking soda", "ml", 150, 450),
        Kind.of("rags", "rags", 900, 100),
        Kind.of("cotton swabs", "swabs", 150, 100),
        Kind.of("cotton pads", "pads", 180, 80),
        # what a print is laid into or under
        Kind.of("gel medium", "ml", 1200, 250),
        Kind.of("varnish", "ml", 900, 250),
        Kind.of("transfer paste", "ml", 1200, 250),
        Kind.of("baking medium", "ml", 1450, 30),
        Kind.of("decal softener", "ml", 600, 30),
        Kind.of("spray adhesive", "ml", 1200, 400),
        Kind.of("spray lacquer", "ml", 1000, 400),
        Kind.of("spray acrylic clear", "ml", 1190, 400),
        Kind.of("clear coat", "ml", 1190, 400),
        Kind.of("gloss coat", "ml", 1190, 400),
        # tapes and papers
        Kind.of("clear parcel tape", "cm", 240, 6600),
        Kind.of("aluminium tape", "cm", 890, 4500),
        Kind.of("carbon paper", "sheets", 500, 20),
        Kind.of("release paper", "sheets", 300, 20),
        Kind.of("etch-proof pen", "pens", 350, 1),
        # templates
        Kind.of("card", "sheets", 500, 20),
        Kind.of("template plastic", "sheets", 900, 10),
        Kind.of("template aluminium", "sheets", 1500, 10),
        # after the transfer
        Kind.of("patina", "ml", 1200, 250),
        Kind.of("vinegar", "ml", 100, 1000),
        Kind.of("enamel paint", "ml", 450, 14),
        Kind.of("cold enamel", "ml", 1600, 100),
        Kind.of("paint", "ml", 350, 60)
      ].freeze
    end
  end
end
