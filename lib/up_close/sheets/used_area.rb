# frozen_string_literal: true

module UpClose
  module Sheets
    # A part of a sheet that is gone. ring: its outline, mm from the sheet's top left. words: what took it: a mark's
    # name, or one of BY_HAND, or HEADING. layout_id: the layout whose print took it, nil otherwise. Frozen.
    UsedArea = Value.define(:ring, :words, :layout_id, keyword_init: true) do
      # @param kept [Hash{String => Object}] as +to_h+ gives it  @return [UsedArea]
      def self.from_h(kept) = new(**kept.slice(*members.map(&:to_s)).transform_keys(&:to_sym))

      # @return [Hash{String => Object}] what is kept
      def to_h = members.to_h { |name| [name.to_s, self[name]] }.compact

      # a fresh sheet's own strip of words
      def heading? = words == UsedArea::HEADING

      # marked, typed or scanned, not printed
      def by_hand? = UsedArea::BY_HAND.include?(words)
    end

    UsedArea::HEADING = "heading"
    UsedArea::BY_HAND = %w[marked typed scanned].freeze
  end
end
