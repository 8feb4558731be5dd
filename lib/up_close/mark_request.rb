# frozen_string_literal: true

module UpClose
  # One mark asked for from outside, as docs/mark.md describes it. Reads what is given, fills in
  # what a page would begin with, and answers the PlannedMark.
  class MarkRequest
    include AskedValues
    include Fields
    include PieceAsked
    include ArtworkAsked
    include WayAsked
    include ShopAsked
    include OutlineAsked

    MOST = 500
    CLEARANCE_MM = 2.0
    KEYS = %w[
      piece artwork text font width_mm at clearance_mm method schools printer stock prints sealer coats room paper
      hour_cents record purpose afterwards work_s pieces printers cover cut kind show_through
    ].freeze
    LONGEST_WORK_S = 30 * 86_400

    # @param data [Hash] as read from JSON
    # @param artwork [Artwork::Drawing, Artwork::Picture]
    # @param letters [Hash, nil] of lettering, {text:, x_height_ratio:}
    # @raise [Error]
    def initialize(data, artwork:, letters: nil)
      refuse("The request is no object.", "See docs/mark.md.", :request) unless data.is_a?(Hash)
      unknown = data.keys - KEYS
      refuse("“#{unknown.first}” is not asked for.", "Use #{KEYS.join(", ")}.", :request) if unknown.any?
      @data, @artwork, @letters = data, artwork, letters
      unless data["piece"].is_a?(Hash)
        refuse("“piece” is missing.", "Give its shape, measures, material and the rest.", :piece)
      end
    end

    # @return [PlannedMark]
    def planned
      @planned ||= bare.with(
        placement: placement, found: found, copies: whole("prints", @data["prints"], wanted), pieces: wanted,
        coats: @data["coats"] && whole("coats", @data["coats"], nil)
      )
    end

    # every method for this purpose on this piece, from the printers there are
    # @return [Comparison]
    def comparison
      @comparison ||= Comparison.new(
        printers: printers.map(&:to_s), purpose: purpose, copies: wanted, size: planned.size,
        ground: {material: material, finish: finish, colour: colour, grit: grit},
        wanted: planned.wanted.except(:fumes, :book)
      )
    end

    private

    # good ones
    def wanted = @data["pieces"] ? whole("pieces", @data["pieces"], 1) : whole("piece.count", piece["count"], 1)

    # without the mark's size, and what is found of its artwork at that size
    # @return [PlannedMark]
    def bare
      @bare ||= PlannedMark.new(
        piece: on_piece, artwork: PlannedMark::Artwork.new(ink: artwork_ink), way: way, shop: shop,
        place: PlannedMark::Place.new(
          clearance_mm: number("clearance_mm", 0..500, CLEARANCE_MM),
          paper: Printing::Paper.fetch(@data["paper"] || "a4")
        )
      )
    end
  end
end
