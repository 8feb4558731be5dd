# frozen_string_literal: true

require "shelves/drawn_artwork"
require "shelves/photo_in"
require "workers"

module Shelves
  # A photo of a mark on its piece, and what was printed: a value that a worker is sent, and lays one over the other.
  OutcomePhoto = Struct.new(:bytes, :drawn, :width_mm, keyword_init: true) do
    # @param corners [Array<Array(Float, Float)>, nil] of the mark's box, shares of the photo, where they were tapped
    # @return [Hash] as UpClose::Outcomes::Outcome has it
    # @raise [UpClose::Errors::BadShape]
    def told(corners: nil)
      Workers.drawing("comparing")
      tapped = PhotoIn.pixels(corners, photo)
      UpClose::Outcomes::Outcome.new(photo, drawn.artwork, width_mm: width_mm, corners: tapped).to_h
    end

    private

    def photo = @photo ||= PhotoIn.image(bytes, most_px: 2400)
  end
end
