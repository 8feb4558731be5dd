# frozen_string_literal: true

module Actions
  # A left and a right flank of one body: the right one as the left one's mirror, or with its own artwork.
  module PairFlanks
    # what the mirror has as it is, beside how it is made
    SAME_PLACE = %w[width_mm y_mm artwork_id artwork_kind placed_at cutting_kept].freeze

    module_function

    # @param mark [Mark]  @param own [Boolean] whether the other flank gets artwork of its own
    # @return [Mark] the other flank
    def call(mark, own: false)
      ApplicationRecord.change do
        mark.change(flank: "left")
        other = mark.piece.marks.create!(
          **mark.attributes.slice(*ContactSheet::SAME_WORK), earlier_places: [], flank: "right",
          mirror_of: own ? nil : mark.id
        )
        own ? other : follow(mark, other)
      end
    end

    # what of the left flank the right one takes after
    FOLLOWED = [*ContactSheet::SAME_WORK, *SAME_PLACE, "recipe", "x_mm", "turn_deg", "cover"].freeze
    # what has to be prepared anew
    DRAWN = %w[recipe artwork_id width_mm cover].freeze

    # Called whenever a flank is saved, whoever saves it. The right one takes after the left one; how they are made is
    # one decision, on whichever of them it was changed.
    def after(mark)
      changed = mark.saved_changes.keys
      mark.mirrors.each { |other| follow(mark, other) } if changed.intersect?(FOLLOWED)
      made = changed & ContactSheet::SAME_WORK
      return if mark.mirror_of.nil? || mark.following || made.empty?
      Mark.live.find_by(id: mark.mirror_of)&.change(mark.attributes.slice(*made))
    end

    # @return [Mark] the other flank
    def follow(mark, other)
      other.following = true
      other.assign_attributes(
        **mark.attributes.slice(*ContactSheet::SAME_WORK, *SAME_PLACE),
        recipe: flipped(mark.recipe), x_mm: -mark.x_mm, turn_deg: -mark.turn_deg, cover: mirrored(mark.cover)
      )
      other.forget_design
      settle(other) if mark.artwork && (other.prepared.nil? || other.changed.intersect?(DRAWN))
      other.change
      other
    end

    # goes its own way from now on
    def part(mark) = mark.change(mirror_of: nil)

    # beside what the left one is prepared by, left for right, last
    def flipped(recipe) = recipe.reject { |step| step["key"] == "flip" } + [{"key" => "flip", "on" => true}]

    def mirrored(cover)
      cover&.except("earlier", "pins")&.merge("x_mm" => -cover["x_mm"].to_f, "turn_deg" => -cover["turn_deg"].to_f)
    end

    def settle(other)
      return other.covering.settle if other.cover
      other.prepared = other.design.solved.merge("width_mm" => other.width_mm)
    end
  end
end
