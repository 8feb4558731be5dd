# frozen_string_literal: true

module Actions
  # What only its maker can say of a mark's artwork: what kind it is to be taken as, and what may show through it.
  module SayOfArtwork
    module_function

    # @param key [String] of UpClose::Artwork::Kind::KINDS; "told": as the picture itself tells
    # @raise [UpClose::Errors::Unknown]
    def kind(mark, key)
      return mark.change(artwork_kind: nil) if key == "told"
      kinds = UpClose::Artwork::Kind::KINDS
      unless kinds.key?(key.to_sym)
        raise UpClose::Errors::Unknown.new(
          "There is no kind of artwork “#{key}”.", remedy: "Use one of: #{kinds.keys.join(", ")}.", field: :kind
        )
      end
      mark.change(artwork_kind: key)
    end

    # @param key [String] of UpClose::ShowThrough
    # @raise [UpClose::Errors::Unknown]
    def show_through(mark, key) = mark.change(show_through: UpClose::ShowThrough.fetch(key).key)
  end
end
