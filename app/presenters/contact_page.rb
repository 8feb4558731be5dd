# frozen_string_literal: true

module Presenters
  # The contact sheet of pictures that cover pieces of one kind.
  class ContactPage
    TILE = 216

    # @param sheet [ContactSheet]  @param writer [UpClose::Measure::LengthWriter]
    def initialize(sheet, writer:)
      @sheet, @writer = sheet, writer
    end

    def mark = @sheet.mark

    # @return [Array<ContactTile>]
    def tiles = @tiles ||= @sheet.marks.map { |mark| ContactTile.new(mark, writer: @writer, side: TILE) }

    def tones = @sheet.tones

    def room = @sheet.room

    def lay? = @sheet.made?

    def piece_colour = mark.piece.colour

    def piece_words = "#{mark.piece.name.sub(/\s*\d+\z/, "")}, #{mark.piece.to_core.size_words(@writer)}"

    # a picture with empty corners is told on its tile
    def bare = tiles.count(&:bare?)
  end
end
