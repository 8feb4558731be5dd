# frozen_string_literal: true

module UpClose
  # The words that the pages use, each in one or two plain sentences.
  module Glossary
    # One word. +drawing+ names a file of app/views/drawings/words, or is nil. Frozen.
    Term = Value.define(:word, :meaning, :drawing) do
      def key = word.downcase.tr(" ", "-")
    end

    ALL = [
      ["attempt", "One try to put one print on one piece: good, usable or spoilt."],
      ["bleed", "How far a mark that covers its piece goes beyond the edge, to be trimmed off.", "bleed"],
      ["border", "The paper or film left round the ink when a copy is cut out.", "border"],
      ["calibration",
        "What a printer does to a millimetre, measured once, and corrected in every later print.", "calibration"],
      ["carrier", "A whole sheet that a small leftover is taped to, so that it feeds through the printer.", "carrier"],
      ["coat", "One layer of finish. The next coat has its own earliest and latest moment."],
      ["coupon", "A printed test of lines and gaps. It finds the finest that this shop can transfer.", "coupon"],
      ["finding", "A checked figure with its verdict: ● fine, ▲ watch, ■ stop. It gives the reason and what to do."],
      ["gap", "The space between two copies on a sheet, or between two printed lines.", "gap"],
      ["guide", "A mark that shows where to burn, carve, engrave or paint. It disappears under the work."],
      ["hinge edge",
        "The edge of the paper that is taped down first, so that the paper can be lifted and laid back.", "hinge"],
      ["job", "What is wanted, for whom, by when."],
      ["keep from the edge", "The smallest distance allowed between the ink and the edge of the piece.", "clearance"],
      ["lot", "As many prints as can be laid before the last of them is too dry."],
      ["mark", "One artwork on one piece, at an exact size and place, by one method."],
      ["margin", "The edge of a sheet that stays free, so that the printer can feed it.", "gap"],
      ["mirrored", "Printed the wrong way round on purpose, because the method turns the image over once.", "mirrored"],
      ["pattern", "A mark that is cut out and drawn round, or laid on as a template."],
      ["pencil lines",
        "The lines drawn on the piece to find the place: each is told as a distance from an edge.", "pencil"],
      ["piece", "The real thing that gets the mark."],
      ["print", "One copy on a sheet. Spare prints are made because some tries fail."],
      ["purpose", "What the mark is for: a picture, a guide, a resist, or a pattern."],
      ["record", "How each attempt came out. The record replaces the starting values."],
      ["resist", "Ink that protects metal while the bath eats the rest away."],
      ["round", "The steps that are done for one piece before the next piece begins."],
      ["starting value", "A figure that is ours until your own record replaces it."],
      ["strap", "A printed strip that is wrapped round a round piece to find the place.", "strap"],
      ["trim line", "The line along which a copy is cut out.", "border"],
      ["time window", "The earliest and the latest moment at which a step works."],
      ["working", "The formula of a figure with its numbers filled in."]
    ].map { |word, meaning, drawing| Term.new(word, meaning, drawing) }.freeze

    # @param word [String]  @return [Term]  @raise [KeyError]
    def self.fetch(word) = ALL.find { |term| term.word == word } || raise(KeyError, "no word “#{word}”")
  end
end
