# frozen_string_literal: true

module UpClose
  module Boards
    # One file of a board: its name, what it is for, its side, and what it draws: an Image, or holes.
    class Layer
      attr_reader :file, :kind, :side, :image, :holes

      # Reads a file as whichever of both it is.
      # @param file [String] its name  @param text [String]  @param kind [String, nil] LayerKind::KINDS; nil: guessed
      # @raise [Errors::BadBoard]
      def self.read(file, text, kind: nil, side: nil)
        gerber = Gerber::Reader.reads?(text)
        unless gerber || Excellon::Reader.reads?(text)
          raise Errors::BadBoard.new("“#{file}” is neither a Gerber file nor a drill file.", field: :files)
        end
        parsed = gerber ? Gerber::Reader.call(text) : Excellon::Reader.call(text)
        guessed = gerber ? LayerKind.guess(file, parsed.attributes) : ["drill", "both"]
        drawn = gerber ? {image: parsed} : {holes: parsed}
        new(file: file, kind: kind || guessed[0], side: side || guessed[1], **drawn)
      rescue Errors::BadBoard => error
        raise error if error.field
        raise Errors::BadBoard.new("“#{file}”, #{error.message.sub(/\AL/, "l")}", line: error.line, field: :files)
      end

      def initialize(file:, kind:, side:, image: nil, holes: [])
        @file, @kind, @side, @image, @holes = file, kind, side, image, holes
      end

      # @return [Geometry::Region] mm, y downwards
      def region
        @region ||= image ? image.region : holes_region
      end

      # @param kind [String]  @param side [String]  @return [Boolean]
      def is?(kind, side = self.side) = self.kind == kind && self.side == side

      # @return [Geometry::Box, nil]
      def box = @box ||= region.empty? ? nil : region.box

      def drill? = kind == "drill"

      # whether there is anything in it: told without working it out
      def drawn? = image ? image.objects.any? : holes.any?

      private

      def holes_region = holes.empty? ? Geometry::Region.none : Geometry::Region.union(holes.map(&:region))
    end
  end
end
