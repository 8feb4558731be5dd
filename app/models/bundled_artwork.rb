# frozen_string_literal: true

# An artwork of a bundle: what is known of it is read from its own file, not taken from the bundle.
class BundledArtwork
  # of one artwork, a set's together
  MOST_LETTERS = 5_000

  # @param row [Hash] of bundle.json
  def initialize(row)
    @artwork = Artwork.new(row.except("id", "silhouette", "ink"))
  end

  # @return [UpClose::Artwork::Ink]
  # @raise [UpClose::Error]
  def ink = @artwork.lettering? ? lettered : Workers.call(@artwork.origin, :facts)[:ink]

  private

  def lettered
    texts = [@artwork.lettering, *@artwork.members].map(&:to_s)
    if texts.sum(&:length) > MOST_LETTERS
      raise BundleCheck.damaged("Some letters in this bundle are more than a mark can hold.")
    end
    face = Shelves::FontShelf.fetch(@artwork.font)
    setting = @artwork.setting_core
    return UpClose::Artwork::LetteringSet.new(face, @artwork.members, setting: setting).ink if @artwork.set?
    UpClose::Artwork::Lettering.new(face, @artwork.lettering, setting: setting).drawing.ink
  end
end
