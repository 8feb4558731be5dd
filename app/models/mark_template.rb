# frozen_string_literal: true

# How a mark's template is cut: what is kept with it.
class MarkTemplate
  # @param mark [Mark]
  def initialize(mark)
    @mark = mark
  end

  # @return [Hash{String => Object}] "stuff", "kind", "folds", "moved"
  def settings = {"stuff" => stuff_key}.merge(@mark.template)

  def stuff = UpClose::Templates::SheetStuff.fetch(settings["stuff"])

  # what we suggest, for so many pieces, bent round this one
  # @return [String]
  def advice = UpClose::Templates::SheetStuff.choose(uses: @mark.piece.count, radius_mm: radius_mm).last

  # over a piece that curves both ways
  # @return [UpClose::Finding, nil]
  def knee
    shape = @mark.piece.to_core
    stuff.over_knee([@mark.width_mm, @mark.height_mm].min / 2, shape.radius) if @mark.piece.shape == "dome"
  end

  # @return [Shelves::WorkedTemplate]
  def worked = Shelves::WorkedTemplate.new(@mark.design.drawn, width_mm: @mark.width_mm, settings: settings)

  private

  # what the sheet is bent round
  # @return [Float, nil] mm; nil: it lies flat
  def radius_mm
    measures = @mark.piece.measures
    diameter = measures["diameter_mm"] || measures["top_mm"]
    diameter && diameter / 2.0 if %w[cylinder cup].include?(@mark.piece.shape)
  end

  # as the method's own choice says, else for as many pieces as there are
  def stuff_key
    picked = @mark.picked["material"].to_s
    return picked if UpClose::Templates::SheetStuff.all.any? { |stuff| stuff.key == picked }
    UpClose::Templates::SheetStuff.choose(uses: @mark.piece.count).first.key
  end
end
