# frozen_string_literal: true

module UpClose
  module Etching
    # What a bath or a current eats at: the face less what the resist covers, and, where they are not taped, the back
    # and the edges all round. mm². Frozen.
    class BareArea
      attr_reader :face_mm2, :covered_mm2, :edge_mm

      # @param face_mm2 [Numeric] of all pieces  @param covered_mm2 [Numeric]
      # @param edge_mm [Numeric] length of all edges  @param thick_mm [Numeric]
      # @param open_back [Boolean] back and edges are not taped
      def initialize(face_mm2:, covered_mm2:, edge_mm: 0.0, thick_mm: 1.0, open_back: false)
        @face_mm2, @covered_mm2, @edge_mm, @thick_mm = face_mm2.to_f, covered_mm2.to_f, edge_mm.to_f, thick_mm.to_f
        @open_back = open_back
        freeze
      end

      # @return [Float] never nothing
      def mm2 = [face_mm2 - covered_mm2 + rest_mm2, 1.0].max

      # back and edges
      # @return [Float]
      def rest_mm2 = @open_back ? face_mm2 + edge_mm * @thick_mm : 0.0

      # @return [Working]
      def working
        rest = @open_back ? " + back #{n(face_mm2)} + edges #{n(edge_mm)} × #{Working.number(@thick_mm)}" : ""
        Working.new(
          "#{n(face_mm2)} − #{n(covered_mm2)}#{rest} = #{n(mm2)} mm²",
          source: "the faces of all pieces, less what the resist covers; #{@open_back ? "back and edges bare" :
            "back and edges taped"}"
        )
      end

      private

      def n(value) = Working.number(value, 0)
    end
  end
end
