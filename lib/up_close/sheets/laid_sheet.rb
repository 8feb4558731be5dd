# frozen_string_literal: true

module UpClose
  module Sheets
    # A sheet with copies laid on it. sheet_id: its number in the drawer, nil for a fresh one. version: how often that
    # sheet had changed by then. width_mm, height_mm. used: rings that were gone, mm. boxed: true where its copies
    # stand in rows, each trimmed to its box. places: Placements. Frozen.
    LaidSheet = Value.define(
      :sheet_id, :version, :width_mm, :height_mm, :used, :boxed, :places, keyword_init: true
    ) do
      # @param width_mm [Numeric]  @param height_mm [Numeric]  @param places [Array<Placement>]
      # @param boxed [Boolean, nil]
      # @return [LaidSheet] not yet in the drawer
      def self.fresh(width_mm:, height_mm:, places: [], boxed: nil)
        new(width_mm: width_mm, height_mm: height_mm, used: [], boxed: boxed, places: places)
      end

      # @param kept [Hash{String => Object}] as +to_h+ gives it  @return [LaidSheet]
      def self.from_h(kept)
        fields = kept.slice(*members.map(&:to_s)).transform_keys(&:to_sym)
        new(**fields, places: kept.fetch("places").map { |place| Placement.from_h(place) })
      end

      # @return [Hash{String => Object}] what is kept
      def to_h
        members.to_h { |name| [name.to_s, self[name]] }.merge("places" => places.map(&:to_h))
          .reject { |name, value| name == "boxed" && !value }
      end

      def fresh? = sheet_id.nil?

      def boxed? = boxed == true

      # @return [Printing::Paper] of its size
      def paper = Printing::Paper.new("", "", width_mm, height_mm)

      # @param places [Array<Placement>]  @return [LaidSheet] with those instead
      def holding(places) = self.class.new(**members.to_h { |name| [name, self[name]] }, places: places)

      # Numbered from left to right, mark by mark: the copies of one member of a set, spares among them, come to lie
      # in columns far apart, so that one bad column spoils no two.
      # @param sheets [Array<LaidSheet>]  @return [Array<LaidSheet>]
      def self.numbered(sheets)
        counted = Hash.new(0)
        sheets.map do |sheet|
          across = sheet.places.sort_by { |place| [place.x, place.y] }
          copies = across.to_h { |place| [place.object_id, counted[place.mark] += 1] }
          sheet.holding(sheet.places.map { |place| place.with(copy: copies.fetch(place.object_id)) })
        end
      end
    end
  end
end
