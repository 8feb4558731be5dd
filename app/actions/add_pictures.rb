# frozen_string_literal: true

module Actions
  # Pictures dropped on one kind of blank: each becomes a mark that covers a piece of its own, made like the first.
  module AddPictures
    module_function

    # @param mark [Mark] whose blank it is; without artwork it takes the first picture itself
    # @param files [Array<Hash>] uploads
    # @return [Hash{String => String}] what was refused, by its file's name, and why
    def call(mark, files, now)
      files.each_with_object({}) do |file, refused|
        if ContactSheet.new(mark.reload).room < 1
          refused[file[:filename].to_s] = "#{ContactSheet::MOST} pictures is the limit. Begin another job for the rest."
          next
        end
        reason = add(mark, file, now) and refused[file[:filename].to_s] = reason
      end
    end

    # @return [String, nil] why it was refused
    def add(mark, file, now)
      form = Forms::ArtworkForm.new({"kind" => "file", "file" => file, "source" => ""})
      target = mark.artwork ? another(mark) : mark
      return cover(target, now) if AddArtwork.call(target, form)
      ApplicationRecord.change { [target, target.piece].each(&:destroy!) } if target != mark
      form.errors.values.first || "It cannot be read."
    end

    def cover(mark, now)
      mark.reload
      CoverPiece.call(mark, mark.covering.beginning, now)
      nil
    end

    # one more piece like it, and a mark on it that is made in the same way
    # @return [Mark]
    def another(mark)
      ApplicationRecord.change do
        piece = mark.piece.dup
        piece.change(name: next_name(mark.piece), count: 1, photo: nil)
        piece.marks.create!(
          **mark.attributes.slice(*ContactSheet::SAME_WORK), earlier_places: []
        )
      end
    end

    # "tag" → "tag 2"; "tag 4" → "tag 5"
    def next_name(piece)
      base = piece.name.sub(/\s*\d+\z/, "")
      taken = piece.job.pieces.pluck(:name).filter_map { |name| name[/\A#{Regexp.escape(base)}\s*(\d*)\z/, 1] }
      "#{base} #{(taken.map { |number| [number.to_i, 1].max }.max || 1) + 1}"
    end

    # those without a method are made like the first that has one
    # @param marks [Array<Mark>]
    def alike(marks)
      first = marks.find(&:method_key) or return
      work = first.attributes.slice(*(ContactSheet::SAME_WORK - %w[copies clearance_mm]))
      ApplicationRecord.change { marks.reject(&:method_key).each { |mark| mark.change(work) } }
    end

    # all of them lighter or darker, softer or harder; what else is prepared stays
    # @param tones [Hash{Symbol => Float}] lighter, more
    # @return [UpClose::Error, nil]
    def tone(marks, tones)
      marks.filter_map { |mark| PrepareArtwork.call(mark, toned(mark.recipe, tones)) }.first
    end

    def toned(recipe, tones)
      rest = recipe.reject { |step| %w[levels contrast].include?(step["key"]) }
      first = recipe.find { |step| step["key"] == "levels" } || {"key" => "levels", "on" => true}
      contrast = {"key" => "contrast", "on" => true, "more" => tones[:more]} unless tones[:more].zero?
      [first.merge("lighter" => tones[:lighter]), contrast, *rest].compact
    end
  end
end
