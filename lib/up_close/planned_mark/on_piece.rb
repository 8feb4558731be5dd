# frozen_string_literal: true

module UpClose
  class PlannedMark
    # The piece that a mark lies on, and how it will be used. +shape+ is a Surfaces::Shape, +uses+ are keys of
    # Suitability::USES, +more_colours+ what else shows on it.
    OnPiece = Value.define(
      :shape, :material, :finish, :colour, :more_colours, :grit, :uses, :seen_through, keyword_init: true
    ) do
      def initialize(more_colours: [], uses: [], seen_through: false, **fields) = super
    end
  end
end
