# frozen_string_literal: true

module UpClose
  module Composing
    # One mark among several on a piece, in the order they are applied.
    # +key+; +title+; +transfer+ what is laid in one go, its own key or that of the mark it is bound to;
    # +region+ [Geometry::Region] of all it lays down, its film with it, on the piece, mm;
    # +ink+ [Geometry::Region] of its ink's hull there; +residue+ [Symbol] a key of Methods::RESIDUES;
    # +wet+ [Boolean] laid wet; +next_s+ [Numeric, nil] until something can go over it.
    # Without a method residue and next_s are nil. Frozen.
    Layer = Value.define(:key, :title, :region, :ink, :residue, :wet, :next_s, :transfer, keyword_init: true) do
      # carried by a film of its own, which lies over what is below
      def film? = self.class::FILMS.include?(residue)

      # sinks in or spreads while it is wet
      def wet_ink? = wet && !film?

      # @return [Geometry::Box] upright, of its ink
      def box = ink.box
    end
    Layer::FILMS = %i[film foil tape].freeze
  end
end
