# frozen_string_literal: true

# The pages of a mark: in rows on fresh sheets, in tiles, or as they are laid out freely.
class MarkPack
  # @param mark [Mark]  @param printing [MarkPrinting] its own
  def initialize(mark, printing)
    @mark, @printing = mark, printing
  end

  # in rows on fresh sheets, or in tiles
  # @return [UpClose::Printing::Pack, UpClose::Printing::TiledPack]
  # @raise [UpClose::Errors::DoesNotFit]
  def pack
    return UpClose::Printing::TiledPack.new(**whole, overlap_mm: overlap_mm) if @printing.tiled?
    UpClose::Printing::Pack.new(**whole, windows: @printing.boxed?, cut: @printing.cutting.drawn)
  end

  # as it is laid out: freely, when it was
  # @return [UpClose::Printing::Pack, UpClose::Printing::TiledPack, UpClose::Printing::NestedPack]
  def print_pack
    laid = @mark.layout unless @printing.tiled?
    return pack unless laid
    UpClose::Printing::NestedPack.new(
      kinds: laid.kinds,
      laid: laid.to_core,
      heading: laid.heading,
      gap_mm: laid.allowances.gap
    )
  end

  # the same pages as its printer must be given them
  # @return [UpClose::Printing::Compensated]
  def pack_to_print = UpClose::Printing::Compensated.new(print_pack, @printing.own_printer&.current&.to_core)

  # how its copies are drawn on a sheet that is laid out freely
  # @return [UpClose::Printing::NestedPack::Kind]
  # @param in_rows [Boolean] as the copies of a pack stand
  def sheet_kind(in_rows: false)
    UpClose::Printing::NestedPack::Kind.new(
      copy: printed_copy(in_rows: in_rows),
      ink: printed.ink,
      width_mm: printed.width_mm,
      cut: in_rows ? @printing.cutting.in_rows : @printing.cutting.cut,
      mirrored: mirrored?
    )
  end

  # @return [UpClose::Printing::Heading]
  def heading
    UpClose::Printing::Heading.new(title: "#{@mark.job.title} · #{@mark.title}", stock: @mark.setting.stock)
  end

  private

  def printed = @mark.printed

  def mirrored? = @mark.planned.reading.mirrored?

  def overlap_mm = @mark.laying["overlap_mm"] || UpClose::Printing::TiledPack::OVERLAP

  def whole
    {
      artwork: printed.drawn,
      ink: printed.ink,
      width_mm: printed.width_mm,
      mirrored: mirrored?,
      copies: @mark.copies_wanted,
      paper: UpClose::Printing::Paper.fetch(@mark.paper),
      border_mm: @mark.setting.border_mm,
      heading: heading,
      margins: UpClose::Printing::Margins.keeping(@printing.allowances, @printing.unprintable)
    }
  end

  def printed_copy(in_rows:)
    UpClose::Printing::Copy.new(
      artwork: printed.drawn,
      ink: printed.ink,
      mirrored: mirrored?,
      border_mm: @mark.setting.border_mm,
      windows: @printing.boxed?,
      cut: in_rows ? @printing.cutting.drawn : @printing.cutting.drawn_freely
    )
  end
end
