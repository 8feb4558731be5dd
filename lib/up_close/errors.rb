# frozen_string_literal: true

module UpClose
  # Named reasons, so that an edge can tell them apart.
  module Errors
    # A length that cannot be read, or that no piece could have.
    class BadLength < Error; end

    # A file that cannot be read as the kind it claims to be.
    class BadArtwork < Error; end

    # A file of a board that cannot be read: +line+ is where, counted from 1, or nil.
    class BadBoard < BadArtwork
      attr_reader :line

      # @param line [Integer]  @param reason [String]
      # @return [BadBoard]
      def self.at(line, reason) = new("Line #{line}: #{reason}", line: line)

      def initialize(reason, line: nil, **more)
        super(reason, remedy: "Write the files again where the board was drawn.", **more)
        @line = line
      end
    end

    # A file in which nothing is printed; +white+ when white lies on clear in it, which could be made ink.
    class NoInk < BadArtwork
      attr_reader :white

      def initialize(reason, white: false, **more)
        super(reason, **more)
        @white = white
      end
    end

    # A picture whose data ends early: what there is of it can be used all the same.
    class PartMissing < BadArtwork; end

    # Lettering asks for characters the font does not hold.
    class MissingLetters < Error; end

    # A shape whose measures contradict each other.
    class BadShape < Error; end

    # A mark that no sheet of this paper can take.
    class DoesNotFit < Error; end

    # A pair of method, printer, piece or sealer that cannot work.
    class Unsuitable < Error; end

    # A printer, queue, scanner or meter that could not do what it was asked.
    class DeviceRefused < Error; end

    # A method, sealer, shape or check whose file leaves something out, or says what cannot be.
    class BadDefinition < Error; end

    # A piece of work that was over its limits of time or memory.
    class TooMuch < Error; end

    # A piece of work that the maker stopped.
    class Stopped < Error; end

    # A file that the shop kept, and that is not in its folder any more.
    class MissingOriginal < Error; end

    # A name (method, font, paper …) this shop does not know.
    class Unknown < Error; end
  end
end
