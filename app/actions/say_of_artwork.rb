# frozen_string_literal: true

module Actions
  # What only its maker can say of a mark's artwork: what kind it is to be taken as, and what may show through it.
  module SayOfArtwork
    module_function

    # @param key [String] of UpClose::Artwork::Kind::KINDS; "told": as the picture itself tells
    # @raise [UpClose::Errors::Unknown]
    def kind(mark, key)
      mark.change(artwork_kind: (key == "told") ? nil : UpClose::Artwork::Kind.read(key).to_s)
    end

    # @param key [String] of UpClose::ShowThrough
    # @raise [UpClose::Errors::Unknown]
    def show_through(mark, key) = mark.change(show_through: UpClose::ShowThrough.fetch(key).key)
  end
end
