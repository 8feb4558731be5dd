# frozen_string_literal: true

# How a mark is made: its method with printer, stock and schools, what speaks for and against it,
# its steps, its chance and its cost.
class MarkWork
  # @param mark [Mark]
  def initialize(mark)
    @mark = mark
  end

  # @return [UpClose::Methods::MethodChoice, nil] nil before a method is chosen
  def setting
    return unless @mark.method_key
    UpClose::Methods::MethodChoice.new(
      method: @mark.method_core,
      printer: @mark.printer,
      stock: @mark.stock_core,
      picked: @mark.schools,
      own: @mark.own_school&.steps,
      material: piece.material_core,
      finish: piece.finish_core,
      copies: @mark.copies_wanted,
      pieces: pieces_to_do,
      purpose: @mark.purpose_core,
      afterwards: @mark.afterwards_core,
      work_s: @mark.work_s,
      work_finish: MarkEtching.new(@mark).finish,
      size: mark_size,
      coat_mm2: UpClose::Surfaces.coated_mm2(piece.to_core),
      border_mm: @mark.covering.any? ? 0.0 : @mark.laying["border_mm"],
      tray: ShopTime.current["oven"],
      coats: @mark.coats
    )
  end

  # what this shop has read of its limits for this way of doing it, or for the method nearest at hand
  # @return [Hash{Symbol => Array(Float, String)}] for Methods::Limits
  def limits_read
    method, printer = @mark.design.method_looked_for, (@mark.printer || "laser").to_sym
    way = UpClose::Record::Way.new(
      method_key: method.key, printer: printer, stock: @mark.stock, family: piece.material_core.family
    )
    ShopLimits.book.recorded(method, way, purpose: @mark.purpose_core)
  end

  # how large it is, for times and amounts; the usual size while it has none
  # @return [UpClose::Methods::MarkSize]
  def mark_size
    return UpClose::Methods::MarkSize::USUAL unless sized?
    UpClose::Methods::MarkSize.new(
      width_mm: @mark.width_mm,
      height_mm: @mark.height_mm,
      coverage: coverage,
      line_mm: line_mm
    )
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
      coverage: coverage,
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

  # a length found when it was looked at, at the size it has now
  # @param name [String] its key in Mark#checked  @return [Float, nil] mm
  def grown(name) = checked[name] && checked[name] * growth

  private

  def piece = @mark.piece

  def sized? = @mark.width_mm && @mark.artwork

  # as it was last looked at
  # @return [Hash] empty when it never was
  def checked = @mark.checked || {}

  def coverage = checked["coverage"]

  # how much it has grown since it was looked at
  def growth = @mark.width_mm ? @mark.width_mm / (checked["width_mm"] || @mark.width_mm) : 1

  # mm of line to follow
  def line_mm = grown("line_mm")
end
