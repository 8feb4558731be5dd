# frozen_string_literal: true

module Presenters
  # All methods for a mark, from what this shop knows: its record and its prices.
  class Compared
    # @param mark [Mark]
    # @param printers [Array<String>, String] kinds to print with; this shop's own, unless one is asked for
    # @param purpose [Class, nil] as the mark has it, unless another is asked about
    # @param show_through [UpClose::ShowThrough::Answer, nil] as was said, unless another answer is asked about
    def initialize(mark, printers = Printer.kinds, purpose: mark.purpose_core, show_through: nil)
      @mark, @printers, @purpose, @show_through = mark, Array(printers), purpose, show_through
    end

    # @return [UpClose::Working] of a row's cost
    def cost_working(row) = UpClose::Costing::Estimate.new(priced.lines(row.setting), chance: row.chance).working

    # what has no price yet of a row's cost
    # @return [Array<String>]
    def unpriced(row) = priced.lines(row.setting).drop(1).reject(&:cents).map(&:title)

    # from how many good pieces on a row is cheaper than another
    # @return [String, nil] nil while one of them has no price
    def break_even(row, other)
      return if row == other || @mark.width_mm.nil?
      ways = [other, row].map { |r| priced.way(r.transfer_method.title, r.setting, r.chance) }
      UpClose::Costing::BreakEven.new(*ways).words if ways.all?
    end

    # @return [UpClose::Comparison]
    def to_core
      piece = @mark.piece
      UpClose::Comparison.new(
        printers: @printers,
        purpose: @purpose,
        ground: {
          material: piece.material_core, finish: piece.finish_core, colour: piece.colour_core,
          more_colours: piece.more_colours_core, grit: piece.grit
        },
        wanted: @mark.planned.wanted.merge({show_through: @show_through}.compact),
        copies: @mark.good_wanted,
        record: @mark.planned.ways,
        cost: method(:cents),
        size: @mark.planned.size,
        # of an answer that was not given, its own sheets count
        chosen: (@mark.setting unless @show_through)
      )
    end

    private

    # the sheet, ink and what the steps use up, where the pack's price is known
    def cents(setting)
      lines = priced.lines(setting) if @mark.width_mm
      lines.sum { |line| line.cents || 0 } if lines&.first&.cents
    end

    def priced = @priced ||= @mark.planned.priced
  end
end
