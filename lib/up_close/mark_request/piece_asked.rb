# frozen_string_literal: true

module UpClose
  class MarkRequest
    # The piece that a request names.
    module PieceAsked
      private

      def piece = @data["piece"]

      # @return [PlannedMark::OnPiece]
      def on_piece
        PlannedMark::OnPiece.new(
          shape: shape, material: material, finish: finish, colour: colour, grit: grit, uses: uses,
          seen_through: piece["seen_through"] == true
        )
      end

      def shape
        @shape ||= begin
          kind = Surfaces.fetch(piece["shape"])
          given = piece["measures"].is_a?(Hash) ? piece["measures"] : piece
          Surfaces.build(kind.key, kind.parameters.to_h { |p| [p.key, given[p.key.to_s]] }.compact)
        end
      end

      def material = @material ||= Materials.material(piece["material"] || "wood")

      def finish = Materials.finish(piece["finish"] || "raw")

      def colour = Colour.hex(piece["colour"] || material.colour)

      def grit
        return if piece["grit"].nil?
        given = piece["grit"]
        return given if given.is_a?(Integer) && Materials::Ground::GRITS.cover?(given)
        grits = Materials::Ground::GRITS
        refuse("“piece.grit” is #{given.inspect}.", "Give #{grits.begin} to #{grits.end}.", :"piece.grit")
      end

      def uses
        given = Array(piece["use"]).map(&:to_s)
        unknown = given - Suitability::USES.keys
        if unknown.any?
          refuse("“#{unknown.first}” is no use of a piece.", "Use #{Suitability::USES.keys.join(", ")}.", :use)
        end
        given
      end
    end
  end
end
