# frozen_string_literal: true

# Reads one mark from the shop's records: what is kept of it, its piece and its artwork, and what the shop knows that
# bears on it.
class MarkRecord
  LENGTHS = %w[finest_mm gap_mm solid_mm mostly_over_mm line_mm].freeze

  # @param mark [Mark]  @param shop [UpClose::PlannedMark::Shop]
  def initialize(mark, shop: ShopFacts.now)
    @mark, @shop = mark, shop
  end

  # @return [UpClose::PlannedMark]
  def planned
    UpClose::PlannedMark.new(
      piece: on_piece, artwork: artwork, way: way, place: place, numbers: numbers, shop: @shop
    )
  end

  private

  def kept = @mark.piece

  def on_piece
    UpClose::PlannedMark::OnPiece.new(
      shape: @mark.shape_core, material: kept.material_core, finish: kept.finish_core, colour: kept.colour_core,
      more_colours: kept.more_colours_core, grit: kept.grit, uses: kept.uses, seen_through: kept.seen_through
    )
  end

  def artwork
    UpClose::PlannedMark::Artwork.new(ink: (@mark.ink_for_piece if @mark.artwork && @mark.width_mm), found: found)
  end

  def found
    looked = @mark.checked or return UpClose::PlannedMark::Found.new
    UpClose::PlannedMark::Found.new(
      width_mm: looked["width_mm"], coverage: looked["coverage"], tones: looked["tones"],
      palette: looked["palette"]&.then { |colours| UpClose::Artwork::Palette.from(colours) },
      **looked.slice(*LENGTHS).transform_keys(&:to_sym)
    )
  end

  def way
    UpClose::PlannedMark::Way.new(
      transfer_method: @mark.method_core, printer: @mark.printer&.to_sym, stock: @mark.stock_core,
      picked: @mark.schools, own_steps: @mark.own_school&.steps, purpose: @mark.purpose_core,
      afterwards: @mark.afterwards_core, work_s: @mark.work_s, **etching, sealer: @mark.sealer_core,
      coats: @mark.coats, border_mm: (@mark.covering.any? ? 0.0 : @mark.laying["border_mm"]), turned: @mark.reading,
      show_through: UpClose::ShowThrough.fetch(@mark.show_through)
    )
  end

  def etching
    etched = MarkEtching.new(@mark)
    {work_finish: etched.finish, work_bath: (etched.bath_used if etched.etched?)}
  end

  def place
    UpClose::PlannedMark::Place.new(
      placement: @mark.placement, clearance_mm: @mark.clearance_mm, paper: UpClose::Printing::Paper.fetch(@mark.paper),
      allowances: @mark.allowances
    )
  end

  def numbers = UpClose::PlannedMark::Numbers.new(copies: @mark.copies_wanted, pieces: @mark.pieces_to_do)
end
