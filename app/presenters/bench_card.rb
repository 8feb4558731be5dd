# frozen_string_literal: true

require "vips"

module Presenters
  # A mark's bench card, for paper.
  class BenchCard
    FOR = {print: "each print", piece: "each piece", all: "all together"}.freeze

    def initialize(mark, writer:)
      @mark, @writer = mark, writer
    end

    # @return [String] a PDF
    def pdf
      UpClose::Formats::PDF::BenchCardWriter
        .new(to_core, paper: UpClose::Printing::Paper.fetch(@mark.paper), fonts: Shelves::PrintTypes.paths)
        .call
    end

    # @return [UpClose::Printing::BenchCard]
    def to_core
      steps = @mark.planned.steps
      UpClose::Printing::BenchCard.new(
        title: @mark.title,
        subtitle: "#{@mark.job.title} · on #{@mark.piece.name}",
        facts: facts,
        reading: @mark.planned.reading.reason,
        mirrored: @mark.planned.reading.mirrored?,
        steps: steps.map { |step| [step, time(step)] },
        cautions: steps.flat_map(&:cautions).uniq.map { |key|
          UpClose::Cautions.fetch(key)
        } + [UpClose::Cautions::DEFER],
        pencil_lines: first.pencil_lines(@writer),
        registration: @mark.registration(@writer).lines,
        shape: @mark.shape_core,
        lengths: @writer,
        ink: ink,
        corners: @mark.room(first.placement).placed.corners
      )
    end

    private

    # the mark, or the first of those along a run, where a ruler finds it
    def first = @first ||= @mark.planned.with(placement: @mark.repeats_core.first(@mark.placement))

    # the artwork on its piece, cut to the ink's own box
    # @return [UpClose::Printing::BenchCard::Ink]
    def ink
      look, margin = @mark.design.look
      picture = Vips::Image.new_from_buffer(look, "")
      inner = picture.crop(margin, margin, picture.width - 2 * margin, picture.height - 2 * margin)
      UpClose::Printing::BenchCard::Ink.new(
        png: inner.pngsave_buffer, places: @mark.repeats_core.placements(@mark.placement), width_mm: @mark.width_mm,
        height_mm: @mark.height_mm
      )
    end

    def facts
      [
        ["Mark", "#{@writer.pair(@mark.width_mm, @mark.height_mm)} #{@writer.unit}"],
        ["Piece", "#{@mark.shape_core.size_words(@writer).sub("⌀", "Ø")}, #{@mark.piece.material_core.title}, " \
          "#{@mark.piece.finish_core.title}"],
        ["Method", @mark.method_core.title],
        *schools,
        *middles,
        ["Stock", "#{@mark.setting.stock.title}, #{@mark.setting.stock.side}"],
        *purpose,
        ["Pieces", "#{@mark.pieces_to_do}, from #{@mark.copies_wanted} prints"],
        *lots,
        ["Draw lines", MarkRegister.new(@mark).marked_with],
        ["Sealer", @mark.sealer_core.title],
        *unseen
      ]
    end

    def unseen = @mark.stops.unseen ? [["Not checked", "look at the print before you lay it"]] : []

    def middles
      told = MiddlesOfRepeats.new(@mark, @mark.placement, @writer).words
      told ? [["Middles", told]] : []
    end

    def purpose
      work = @mark.afterwards_core
      [["For", "#{@mark.purpose_core.title.downcase}#{", then #{work.title.downcase}" if work}"]]
    end

    # where the window holds fewer than are printed
    def lots
      sizes = @mark.planned.lot_sizes
      sizes.one? ? [] : [["In lots", "print #{sizes.join(", then ")}; lay each lot before the next is printed"]]
    end

    # the schools it follows, a maker's own by its name
    def schools
      own = @mark.own_school or return @mark.method_core.choices.map { |choice|
        [choice.title, choice.options[@mark.setting.picked[choice.key]].first]
      }
      [["Own school", own.title]]
    end

    def time(step)
      parts = [
        (FOR[step.for] if @mark.pieces_to_do > 1), Moments.lasting(step),
        (Moments.window(step) if step.window?)
      ]
      parts.compact.reject(&:empty?).join(", ")
    end
  end
end
