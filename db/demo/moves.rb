# frozen_string_literal: true

require "stringio"

module Demo
  # What a maker does at the pages, as the same actions.
  module Moves
    Upload = Struct.new(:bytes, :name) do
      def to_h = {tempfile: StringIO.new(bytes), filename: name}
    end

    private

    # its outline walked round on a photo with a card lying beside it
    def measured_from_photo(piece)
      Actions::MeasurePhoto.take(piece, Art::HeadstockPhoto.jpeg)
      marked = {
        reference: piece.photo["reference"],
        corners: Art::HeadstockPhoto.corners,
        lines: [Art::HeadstockPhoto.middle],
        trace: Art::HeadstockPhoto.outline
      }
      form = Forms::PhotoForm.new(
        {"mode" => "corners", "marked" => JSON.generate(marked), "rect_width" => "85.6", "rect_height" => "53.98"},
        photo: piece.photo
      )
      raise form.errors.inspect unless form.ok?
      Actions::MeasurePhoto.use_outline(piece, form)
    end

    def job(title, for_whom, days, note)
      Actions::SaveJob.call(Forms::JobForm
        .new({"title" => title, "for_whom" => for_whom, "due_on" => (@now.to_date + days).iso8601, "note" => note}))
    end

    def piece(name, shape, measures, material, finish, colour, count: 1, **more)
      typed = {
        "name" => name,
        "shape" => shape,
        "material" => material,
        "finish" => finish,
        "colour" => colour,
        "count" => count.to_s,
        **more.transform_keys(&:to_s)
      }
      Actions::SavePiece.create(@job, Forms::PieceForm.new(typed.merge(measures.transform_values(&:to_s))))
    end

    def file(mark, bytes, name)
      form =
        Forms::ArtworkForm.new({"kind" => "file", "file" => Upload.new(bytes, name).to_h, "source" => "drawn by me"})
      Actions::AddArtwork.call(mark, form) or raise form.errors.inspect
    end

    def letter(mark, text, font, cap, **more)
      form =
        Forms::ArtworkForm
          .new({"kind" => "lettering", "text" => text, "font" => font, "cap_height" => cap, "source" => "set by me"}
            .merge(more.transform_keys(&:to_s)))
      Actions::AddArtwork.call(mark, form) or raise form.errors.inspect
    end

    def purpose(mark, key, afterwards = nil)
      form = Forms::PurposeForm.new({"purpose" => key, "afterwards_#{key}" => afterwards.to_s})
      Actions::ChoosePurpose.call(mark, form) or raise form.errors.inspect
    end

    def method(mark, way, printer, **more)
      form = Forms::MethodForm.new({method_key: way, printer: printer}.merge(more))
      Actions::ChooseMethod.call(mark, form) or raise form.errors.inspect
    end

    # its letters left open in a field of the piece's colour, as closely round them as small letters want
    def in_white(mark, **figures)
      Actions::TakeWhiteWay.call(mark.reload, UpClose::Artwork::WaysWithWhite.fetch("field"))
      typed = figures.transform_keys(&:to_s)
      refusal = Actions::PrepareArtwork.call(mark.reload, [mark.recipe.last.merge(typed)])
      raise refusal if refusal
    end

    def days_ago(days, hour) = (@now.to_date - days).to_time + hour * 3600
  end
end
