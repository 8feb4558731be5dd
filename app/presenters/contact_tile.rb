# frozen_string_literal: true

module Presenters
  # One picture of a contact sheet behind its piece's outline. Pixels of its own square.
  class ContactTile < CoverStage
    attr_reader :mark

    # @param side [Integer] pixels
    def initialize(mark, writer:, side:)
      super(mark, mark.covering, writer: writer)
      @side = side
    end

    def width = @side

    def height = @side

    def pad = 14

    # for who does not see it
    def words = "#{mark.title}. Shift and arrow keys move it, plus and minus size it."
  end
end
