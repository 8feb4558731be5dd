# frozen_string_literal: true

module Actions
  # Changes a mark's recipe; the artwork itself stays as it came. Lines and
  # letters keep their size on the piece, whatever the steps do to the box.
  module PrepareArtwork
    REMEMBERED = 50

    module_function

    # @param list [Array<Hash>] steps, as UpClose::Artwork::Recipe takes them
    # @return [UpClose::Error, nil] the refusal
    def call(mark, list, remember: true)
      set(mark, list, remember: remember)
      mark.change
      nil
    rescue UpClose::Error => error
      mark.restore_attributes
      mark.forget_design
      error
    end

    # changes a mark that is not kept yet
    # @raise [UpClose::Error]
    def set(mark, list, remember: true)
      recipe = UpClose::Artwork::Recipe.new(list)
      mm_per_unit, was = mark.design.mm_per_unit, mark.recipe
      mark.recipe = recipe.to_a
      mark.earlier_recipes = (mark.earlier_recipes + [was]).last(REMEMBERED) if remember && was != mark.recipe
      grounds = [was, mark.recipe].map { |steps| UpClose::Artwork::Recipe.new(steps).uncovers? }
      (grounds.uniq.size > 1) ? settle_wide(mark) : settle(mark, mm_per_unit)
    end

    # a ground that goes was never meant: the width that was asked for is that of what is left
    def settle_wide(mark)
      mark.forget_design
      mark.prepared = mark.design.prepared? ? mark.design.solved.merge("width_mm" => mark.width_mm) : nil
    end

    # the box may have changed, and with it the width that keeps the scale
    def settle(mark, mm_per_unit)
      mark.forget_design
      mark.prepared = mark.design.prepared? ? mark.design.to_keep(mm_per_unit) : nil
      mark.width_mm = mark.prepared ? mark.prepared["width_mm"] : mm_per_unit * mark.artwork.ink_core.box.width
    end

    # @return [UpClose::Error, nil]
    def undo(mark)
      *rest, last = mark.earlier_recipes
      return unless last
      mark.earlier_recipes = rest
      call(mark, last, remember: false)
    end
  end
end
