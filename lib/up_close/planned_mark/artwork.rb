# frozen_string_literal: true

module UpClose
  class PlannedMark
    # What is printed: its ink (UpClose::Artwork::Ink, nil before there is any), and what was found of it when it was
    # looked at.
    Artwork = Value.define(:ink, :found, keyword_init: true) do
      def initialize(ink: nil, found: Found.new) = super
    end
  end
end
