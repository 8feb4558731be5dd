# frozen_string_literal: true

# White letters on a dark piece: whether this mark wants them, and by which way it has them now.
class MarkWhite
  # @param mark [Mark] with an artwork
  def initialize(mark)
    @mark = mark
  end

  # dark letters or lines on a dark piece, or white ones already; false until it was looked at
  def wanted?
    return false unless ground&.dark? && !@mark.covering.any?
    return true if way
    found = design.figures_at_hand or return false
    kind = UpClose::Artwork::Kind.new((@mark.artwork_kind || found[:kind]).to_sym)
    design.inked? &&
      UpClose::Artwork::WaysWithWhite.wanted?(kind, UpClose::Artwork::Palette.from(found[:palette]), ground)
  end

  # @return [UpClose::Artwork::WaysWithWhite::Way, nil] that it is done by now
  def way
    active = design.recipe.active.map { |step| step.work::KEY }
    UpClose::Artwork::WaysWithWhite.for_ink.find do |way|
      way.taken?(method_key: @mark.method_key, stock: @mark.stock, template: @mark.template, active: active)
    end
  end

  # the mark's steps but for those that ways with white bring
  # @return [Array<Hash>] as UpClose::Artwork::Recipe takes them
  def other_steps
    @mark.recipe.reject { |step| UpClose::Artwork::WaysWithWhite::Way.steps.include?(step["key"]) }
  end

  # in white, by one of the ways; what they prepare themselves is left out
  # @param way [String] key of a UpClose::Artwork::WaysWithWhite::Way  @return [String] PNG
  def png(way)
    steps = UpClose::Artwork::Recipe.new(other_steps)
    letters = steps.empty? ? design.artwork.drawn : design.drawn_at(design.mm_per_unit, steps)
    Shelves::KeptAnswers.apart(letters, :white_png, width_mm(letters, steps), ground, way)
  end

  private

  def design = @mark.design

  def ground = @mark.piece.colour_core

  def width_mm(letters, steps)
    return design.mm_per_unit * design.artwork.ink_core.box.width if steps.empty?
    Shelves::KeptAnswers.apart(letters, :to_keep)["width_mm"]
  end
end
