# frozen_string_literal: true

# Which tip a mark is engraved, carved or burnt with: as kept, or as suits its thinnest line.
class MarkTooling
  WORKS = %w[engrave carve burn].freeze
  # drawn where the artwork has not been looked at, mm
  SAMPLE_MM = 0.5

  # @param mark [Mark]  @param typed [Hash, nil] over what is kept: :tip, :grain_deg
  def initialize(mark, typed: nil)
    @mark = mark
    @kept = typed || mark.tooling.transform_keys(&:to_sym)
  end

  # it is worked with a tool
  def tooled? = WORKS.include?(work)

  def work = @mark.afterwards

  # its thinnest line, at the size it has now
  # @return [Float] mm
  def line_mm = @mark.planned.grown(:finest_mm) || SAMPLE_MM

  def looked_at? = !@mark.planned.grown(:finest_mm).nil?

  # @return [Array<UpClose::Tooling::Tip>]
  def tips = UpClose::Tooling.tips(work)

  # @return [UpClose::Tooling::Tip]
  def tip = tips.find { |offered| offered.key == @kept[:tip] } || suggested

  # @return [UpClose::Tooling::Tip]
  def suggested = UpClose::Tooling.for_line(work, line_mm)

  # degrees, from level towards down
  def grain_deg = @kept[:grain_deg] || 0.0

  # grain matters in wood alone
  def grain? = @mark.piece.material_core&.family == :wood && work == "carve"

  # @return [UpClose::Tooling::Stroke]
  def stroke = stroke_of(tip)

  # @return [UpClose::Tooling::Stroke]
  def stroke_of(tip) = UpClose::Tooling::Stroke.new(tip, line_mm: line_mm, length_mm: length_mm)

  # @return [Float] mm of all lines
  def length_mm = @mark.planned.size.line_mm

  # @return [Hash]
  def to_h = @kept.slice(:tip, :grain_deg).compact
end
