# frozen_string_literal: true

module Actions
  # Letters that were laid over a word in a photo become the mark's artwork, as large as that and where it is.
  module SetOverWord
    module_function

    # @param form [Forms::WordForm]  @param word [PhotoWord]
    # @return [Boolean]
    def call(mark, form, word, now)
      return false unless form.ok?
      lettering = Forms::ArtworkForm.new({
        "kind" => "lettering", "text" => form.values[:text], "font" => form.values[:font], "source" => "over a photo"
      })
      lettering.values[:setting] = form.pose.setting
      artwork = AddArtwork.call(mark, lettering)
      return form.errors.merge!(lettering.errors) && false unless artwork
      mark.reload
      PlaceMark.move(mark, placement(mark, form.pose, word), now)
      true
    end

    # where its ink's box comes to lie; in the middle where the photo does not lie under the piece
    # @return [UpClose::Placing::Placement]
    def placement(mark, pose, word)
      box = mark.artwork.ink_core.box
      width = box.width * pose.cap_mm
      return UpClose::Placing::Placement.new(width_mm: width) unless word.origin
      # an arc's letters are set about its middle, a cap height's share away from the base line
      down = (pose.bend.abs < 1e-4) ? 0.0 : 1 / pose.bend
      off = UpClose::Geometry::Point[box.centre.x, box.centre.y + down] * pose.cap_mm
      middle = UpClose::Geometry::Transform.turn(pose.turn_deg).apply(off) +
        UpClose::Geometry::Point[pose.x_mm, pose.y_mm] - word.origin
      UpClose::Placing::Placement.new(width_mm: width, x_mm: middle.x, y_mm: middle.y, turn_deg: pose.turn_deg)
    end
  end
end
