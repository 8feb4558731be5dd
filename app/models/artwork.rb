# frozen_string_literal: true

# A picture, a drawing or a lettering; its original is never changed.
class Artwork < ApplicationRecord
  CACHE = Shelves::Recent.new
  has_many :marks

  def lettering? = kind == "lettering"

  def picture? = kind == "picture"

  # @return [UpClose::Artwork::Ink] box, hull and middle
  def ink_core = @ink_core ||= UpClose::Artwork::Ink.from_h(self[:ink])
  alias_method :ink, :ink_core

  # @return [UpClose::Artwork::Ink] with its silhouette, which is long and seldom needed
  def whole_ink = @whole_ink ||= UpClose::Artwork::Ink.from_h(self[:ink].merge("rows" => silhouette))

  # @param found [UpClose::Artwork::Ink]
  def ink_core=(found)
    self[:ink] = found.to_h.except(:rows)
    self.silhouette = found.rows
  end

  # @return [UpClose::Artwork::Drawing, UpClose::Artwork::Picture]
  def to_core = CACHE.fetch(opened_key) { opened }

  # what has just been opened need not be opened again
  # @return [Artwork] itself
  def keep_opened(found)
    CACHE.fetch(opened_key) { found }
    self
  end

  # many letterings, one mark each
  def set? = members.present?

  def setting_core = UpClose::Artwork::Setting.from_h(setting)

  # @return [UpClose::Artwork::Lettering]
  def lettering_core = UpClose::Artwork::Lettering.new(Shelves::FontShelf.fetch(font), lettering, setting: setting_core)

  # @return [UpClose::Artwork::LetteringSet]
  def lettering_set = CACHE.fetch([:set, id, members, font, setting]) { UpClose::Artwork::LetteringSet.new(Shelves::FontShelf.fetch(font), members, setting: setting_core) }

  # what page writers call: opened only when it is really drawn
  def draw_on(page, **place) = to_core.draw_on(page, **place)

  # width of the ink for a cap height of 1
  def width_per_cap = lettering? ? ink_core.box.width : nil

  # pixels across the ink
  def pixels = picture? ? ink_core.box.width.round : nil

  def notes = facts["notes"] || []

  # its own true width, when the file gives one
  def natural_width_mm = facts["mm_per_unit"] && ink_core.box.width * facts["mm_per_unit"]

  private

  def opened_key = [original, facts["white_as_ink"], lettering, font, setting, members]

  def opened
    return lettering_set.drawing_of(lettering_set.widest) if set?
    return lettering_core.drawing if lettering?
    UpClose::Artwork::Opening.call(Shelves::OriginalStore.new(Settings.originals).get(original), white_as_ink: facts["white_as_ink"] == true)
  end
end
