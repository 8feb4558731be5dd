# frozen_string_literal: true

# What a mark's method is told of it: printer, stock, schools, ground, counts and size; and what its artwork was found
# to be when it was last looked at.
class MarkSetting
  # @param mark [Mark]
  def initialize(mark)
    @mark = mark
  end

  # @return [UpClose::Methods::MethodChoice, nil] nil before a method is chosen
  def setting
    return unless @mark.method_key
    etching = MarkEtching.new(@mark)
    UpClose::Methods::MethodChoice.new(
      method: @mark.method_core,
      printer: @mark.printer,
      stock: @mark.stock_core,
      picked: @mark.schools,
      own: @mark.own_school&.steps,
      material: piece.material_core,
      finish: piece.finish_core,
      copies: @mark.copies_wanted,
      pieces: @mark.work.pieces_to_do,
      purpose: @mark.purpose_core,
      afterwards: @mark.afterwards_core,
      work_s: @mark.work_s,
      work_finish: etching.finish,
      work_bath: (etching.bath_used if etching.etched?),
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

  # a length found when it was looked at, at the size it has now
  # @param name [String] its key in Mark#checked  @return [Float, nil] mm
  def grown(name) = checked[name] && checked[name] * growth

  def sized? = @mark.width_mm && @mark.artwork

  # as it was last looked at
  # @return [Hash] empty when it never was
  def checked = @mark.checked || {}

  private

  def piece = @mark.piece

  def coverage = checked["coverage"]

  # how much it has grown since it was looked at
  def growth = @mark.width_mm ? @mark.width_mm / (checked["width_mm"] || @mark.width_mm) : 1

  # mm of line to follow
  def line_mm = grown("line_mm")
end
