# frozen_string_literal: true

# How a mark is made: its method with printer, stock and schools, what speaks for and against it,
# its steps, its chance and its cost.
class MarkWork
  delegate :setting, :limits_read, :mark_size, :grown, :checked, :sized?, to: :choice

  # @param mark [Mark]
  def initialize(mark)
    @mark = mark
  end

  # All that can be told of it by the way it is done: the object that the command line asks too.
  # @param on [UpClose::Sheets::Stock, nil] it might be printed on; its own when nil
  # @param at [UpClose::Placing::Placement, nil] a place to try
  # @return [UpClose::WorkedMark, nil] nil before its method is chosen
  def worked(on: nil, at: @mark.placement)
    return unless @mark.method_key
    UpClose::WorkedMark.new(
      shape: @mark.shape_core,
      ink: @mark.artwork && @mark.ink_for_piece,
      placement: at,
      clearance_mm: @mark.clearance_mm,
      setting: on ? setting.with(stock: on) : setting,
      sealer: @mark.sealer_core,
      situation: situation(stock: on || @mark.stock_core),
      reading: reading_core,
      record: ShopLimits.ways,
      climate: ShopTime.current.climate,
      coverage: checked["coverage"],
      room: (@mark.room(at) if at && @mark.artwork),
      **priced_by
    )
  end

  # what its cost is worked out from
  # @return [Hash]
  def priced_by
    {
      prices: ShopPrices.list,
      hour_cents: Preference.get("hour_cents").to_i,
      paper: UpClose::Printing::Paper.fetch(@mark.paper),
      allowances: @mark.allowances
    }
  end

  # @return [UpClose::Methods::Orientation, nil]
  def reading_core
    return unless @mark.method_key
    UpClose::Methods::Orientation.new(
      @mark.method_core,
      seen_through: piece.seen_through,
      override: @mark.reading,
      picked: @mark.schools
    )
  end

  # @param stock [UpClose::Sheets::Stock] it might be printed on
  # @return [UpClose::Suitability::Situation, nil]
  def situation(stock: @mark.stock_core)
    return unless @mark.method_key
    UpClose::Suitability::Situation.new(
      method: @mark.method_core,
      printer: @mark.printer,
      stock: stock,
      material: piece.material_core,
      finish: piece.finish_core,
      colour: piece.colour_core,
      more_colours: piece.more_colours_core,
      grit: piece.grit,
      sealer: @mark.sealer_core,
      setting: stock ? setting.with(stock: stock) : setting,
      **wanted
    )
  end

  # what is asked of any method: the use, the room, its size; the artwork's finest line, greys and
  # colours as last looked at
  # @return [Hash]
  def wanted
    {
      use: piece.uses,
      fumes: Preference.get("fumes"),
      finest_mm: grown("finest_mm"),
      mostly_over_mm: grown("mostly_over_mm"),
      tones: checked["tones"] == true,
      size_mm: sized? ? [@mark.width_mm, @mark.height_mm] : nil,
      palette: checked["palette"]&.then { |kept| UpClose::Artwork::Palette.from(kept) },
      climate: ShopTime.current.climate,
      book: ShopLimits.book
    }
  end

  # how likely a try is to succeed, and how many to print
  # @param on [UpClose::Sheets::Stock, nil]
  # @return [UpClose::Sheets::Spares]
  def spares(on: nil) = worked(on: on).spares

  # the whole work, sealing included, as long as this room makes it
  # @return [Array<UpClose::Methods::Step>]
  def steps_core = worked.steps

  # the same as a run goes through them: lot by lot, piece by piece, tray by tray
  # @return [Array<UpClose::Methods::Step>]
  def steps_written_out = worked.written_out

  # pieces that the next run is for: all of them, or those that did not come out in the last one
  def pieces_to_do = (@mark.run&.finished? && short.positive?) ? short : @mark.good_wanted

  # good ones that are still missing
  def short = @mark.pieces_wanting.size

  # how many more to print so that what is missing comes out
  def more_to_print
    known = spares
    UpClose::Sheets::Spares.new([short, 1].max, start: known.chance, on_a_miss: known.on_a_miss).print || short
  end

  private

  def piece = @mark.piece

  def choice = @choice ||= MarkSetting.new(@mark)
end
