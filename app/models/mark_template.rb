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

  # @return [Shelves::WorkedTemplate]
  def worked = Shelves::WorkedTemplate.new(@mark.design.drawn, width_mm: @mark.width_mm, settings: settings)

  private

  # as the method's own choice says, else for as many pieces as there are
  def stuff_key
    picked = @mark.picked["material"].to_s
    return picked if UpClose::Templates::SheetStuff.all.any? { |stuff| stuff.key == picked }
    UpClose::Templates::SheetStuff.choose(uses: @mark.piece.count).first.key
  end
end
