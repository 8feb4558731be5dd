# frozen_string_literal: true

# The real thing to be marked.
class Piece < ApplicationRecord
  belongs_to :job
  has_many :marks, -> { order(:id) }, inverse_of: :piece

  # what stands at its edge: it falls away, or a wall stands up
  EDGES = {"open" => "falls away", "wall" => "a wall, as in a recess"}.freeze

  # shapes remember what they have worked out, and a drag asks the same one again
  # @return [UpClose::Surfaces::Shape]
  def to_core
    Shelves::KeptAnswers.of(
      UpClose::Surfaces, :build, shape, measures.transform_keys(&:to_sym),
      keep_outs: keep_outs.map { |k| UpClose::Surfaces::KeepOut.from_h(k) }
    )
  end

  # a mark that covers it has another outline now, and what follows it is prepared anew
  def follow_change
    return unless saved_changes.keys.intersect?(%w[shape measures keep_outs])
    marks.reset
    marks.live.includes(:artwork).select(&:artwork).each do |mark|
      mark.association(:piece).target = self
      next mark.covering.settle && mark.change if mark.cover
      mark.change if mark.design.prepare_again
    end
  end
  private :follow_change

  def material_core = UpClose::Materials.material(material)

  def finish_core = UpClose::Materials.finish(finish)

  def colour_core = UpClose::Colour.hex(colour)

  # what else shows on it: a poured or painted ground, a picture
  # @return [Array<UpClose::Colour>]
  def more_colours_core = more_colours.map { |hex| UpClose::Colour.hex(hex) }

  # what a coat all over would cover, all copies of it
  # @return [Float] mm²
  def coated_mm2 = UpClose::Surfaces.coated_mm2(to_core) * count
end
