# frozen_string_literal: true

# A picture, a drawing or a lettering; its original is never changed.
class Artwork < ApplicationRecord
  # ways of opening an original that are kept with it
  HOW = %i[white_as_ink take_part take_all].freeze

  has_many :marks

  # its file is not in the shop's folder any more
  def missing? = !original.nil? && !Shelves::OriginalStore.new(Settings.originals).named?(original)

  def lettering? = kind == "lettering"

  def picture? = kind == "picture"

  # @return [UpClose::Artwork::Ink] box, hull and middle
  def ink_core = @ink_core ||= UpClose::Artwork::Ink.from_h(self[:ink])
  alias_method :ink, :ink_core

  # @return [UpClose::Artwork::Ink] with its silhouette, which is long and seldom needed
  def whole_ink = @whole_ink ||= UpClose::Artwork::Ink.from_h(self[:ink].merge("rows" => silhouette))

  # @param ink [UpClose::Artwork::Ink]
  def ink_core=(ink)
    self[:ink] = ink.to_h.except(:rows)
    self.silhouette = ink.rows
  end

  # where it comes from, for the worker that opens it
  # @return [Shelves::ArtworkSource::Original, Shelves::ArtworkSource::Words, Shelves::ArtworkSource::WordSet]
  def origin
    return Shelves::ArtworkSource::WordSet.new(font, members, setting_core) if set?
    return Shelves::ArtworkSource::Words.new(font, lettering, setting_core, Settings.opened) if lettering?
    Artwork.origin_of(original, **HOW.select { |key| facts[key.to_s] == true }.to_h { |key| [key, true] })
  end

  # @param original [String] as the store named it  @param how [Hash] as UpClose::Artwork::Opening takes it
  def self.origin_of(original, **how)
    Shelves::ArtworkSource::Original.new(Settings.originals, Settings.opened, original, how)
  end

  # as it came, nothing done to it
  # @return [Shelves::DrawnArtwork]
  def drawn = Shelves::DrawnArtwork.new(source: origin, forms: Settings.opened)

  # many letterings, one mark each
  def set? = members.present?

  def setting_core = UpClose::Artwork::Setting.from_h(setting)

  # width of the ink for a cap height of 1
  def width_per_cap = lettering? ? ink_core.box.width : nil

  # pixels across the ink
  def pixels = picture? ? ink_core.box.width.round : nil

  def notes = facts["notes"] || []

  # something of it lay beyond its page, and was left out
  def cut? = notes.include?(UpClose::Formats::SVG::Reader::CUT_AWAY)

  # its own true width, when the file gives one
  def natural_width_mm = facts["mm_per_unit"] && ink_core.box.width * facts["mm_per_unit"]
end
