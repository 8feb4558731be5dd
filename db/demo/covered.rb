# frozen_string_literal: true

module Demo
  # What covers its piece, goes round it, or lies in layers on it.
  module Covered
    private

    def cover(mark, **changes)
      Actions::CoverPiece.call(mark, mark.covering.beginning, @now)
      return if changes.empty?
      mark.reload
      Actions::CoverPiece.call(mark, mark.covering.cover.with(**changes), @now)
    end

    # sycamore with a dark pour, photographed with white paper beside it: beams, tower and herring in layers
    def lid
      beams = piece(
        "keepsake box lid, poured", "rectangle", {width_mm: 160, height_mm: 110}, "wood", "gloss-paint", "#d9bf93"
      )
      on_photo(beams.piece)
      layer(beams, Art::LidMarks.beams, "Beams.svg", "clear-film", width_mm: 128, y_mm: -31)
      layer(Actions::SavePiece.new_mark(beams.piece), Art::LidMarks.tower, "Tower.svg", "clear-film", width_mm: 26,
        y_mm: -15)
      layer(Actions::SavePiece.new_mark(beams.piece), Art::LidMarks.herring, "Herring.svg", "white-film", width_mm: 60,
        y_mm: 36)
      letters = Actions::SavePiece.new_mark(beams.piece)
      letter(letters, "PELLOW NESS", "overpass-bold", "4")
      method(letters, "water-slide", "laser", stock: "clear-film")
      settle(letters, x_mm: -52, y_mm: 14, turn_deg: -2)
      close(letters)
      beams.piece.change(direction: {"kind" => "grain", "deg" => -2.0})
    end

    def layer(mark, art, name, film, **at)
      mark.change(clearance_mm: 2)
      file(mark, art, name)
      method(mark, "water-slide", "laser", stock: film)
      settle(mark.reload, **at)
      close(mark)
    end

    # cut close along its ink
    def close(mark)
      form = Forms::CutForm.new({"line" => "ink", "around_mm" => "1", "least_radius_mm" => "0.8"}, mark: mark)
      Actions::ChooseCut.call(mark, form) or raise form.errors.inspect
    end

    def on_photo(piece)
      Actions::MeasurePhoto.take(piece, Art::LidPhoto.jpeg)
      marked = {reference: piece.photo["reference"], corners: Art::LidPhoto.corners, lines: [], trace: []}
      form = Forms::PhotoForm.new(
        {"mode" => "corners", "marked" => JSON.generate(marked), "rect_width" => "160", "rect_height" => "110"},
        photo: piece.photo
      )
      raise form.errors.inspect unless form.ok?
      Actions::MeasurePhoto.use_backdrop(piece, form)
    end

    # enamel mugs, tapered: a band of lettering bent so that it runs level, its place found with a strap
    def mugs
      mark = piece(
        "enamel mugs, tapered", "cup", {top_mm: 84, foot_mm: 66, slant_mm: 95}, "glazed", "gloss-paint", "#f2efe6",
        count: 6
      )
      letter(mark, "PELLOW NESS LIGHT", "bebas-neue", "7")
      Actions::PrepareArtwork.call(mark, [{"key" => "bend", "on" => true}])
      method(mark, "water-slide", "laser", stock: "clear-film")
      settle(mark, x_mm: 0, y_mm: 2)
      strap = Forms::StrapForm.new(
        {"down" => "40", "high" => "20", "overlap" => "10", "handle" => "right", "join_top" => "20",
         "join_foot" => "75"}
      )
      Actions::ChooseStrap.call(mark, strap) or raise strap.errors.inspect
    end

    # a casting plug, girths by tape: a skin for both flanks, its eye where the eye is
    def plug
      mark = piece("casting plug Dusk Herring", "loft", {
        stations: "0, 6\n12, 34\n30, 58\n50, 66\n70, 54\n86, 28\n95, 12"
      }, "wood", "sealed", "#b9c4c8", count: 3)
      file(mark, Art::HerringSkin.svg, "Herring side.svg")
      eye = {"kind" => "eye", "x_mm" => 11 - 47.5, "y_mm" => -3.0, "size_mm" => 5.5}
      Actions::SavePiece.features(mark.piece, [eye])
      cover(mark.reload, picture_mm: 112.0)
      hold_eye(mark.reload)
      Actions::PairFlanks.call(mark.reload)
    end

    def hold_eye(mark)
      cover = mark.covering.cover
      x, y = Art::HerringSkin::EYE
      at = UpClose::Geometry::Point[(x - 55) / 110 * cover.picture_mm, (y - 22) / 110 * cover.picture_mm] + cover.centre
      Actions::CoverPiece.pin(mark, 0, at, @now)
    end
  end
end
