# frozen_string_literal: true

# The line a mark's copies are cut out along: what is kept with it, and what comes of it.
class MarkCutting
  STRAIGHT = %w[box straight].freeze

  # @param mark [Mark] with artwork, size and method
  def initialize(mark)
    @mark = mark
  end

  # @return [Array<Class>] of UpClose::Cutting::Line, the usual one first
  def lines = UpClose::Cutting::Lines.for(face_down: @mark.boxed?, cover: @mark.covering.any?)

  # @return [Class] as it was chosen, or the usual one
  def line = lines.find { |line| line.key == kept["line"] } || lines.first

  def chosen? = lines.any? { |line| line.key == kept["line"] }

  # @return [Hash{Symbol => Float}] mm, as UpClose::Cutting::Asked takes them
  def figures = {around_mm: @mark.setting.border_mm, **UpClose::Cutting::Figures.filled(kept)}

  # whether any line to choose from asks for a figure
  def uses?(figure)
    return false if lines.all?(&:cover?)
    figure == :around_mm || lines.any? { |line| line.figures.include?(figure) }
  end

  # @return [UpClose::Cutting::Cut] as it lies on the sheet
  def cut = turned(as_placed)

  # as it lies on the piece, the mark upright
  # @return [UpClose::Cutting::Cut]
  def as_placed = worked(line)

  # where copies stand in rows: corner ticks and straight cuts, unless another line was chosen
  # @return [UpClose::Cutting::Cut]
  def in_rows = ticked? ? worked(UpClose::Cutting::Lines::Box) : cut

  # @return [UpClose::Cutting::Cut, nil] drawn in rows; nil: ticks say it
  def drawn = ticked? ? nil : cut

  # @return [UpClose::Cutting::Cut, nil] drawn where copies are laid freely
  def drawn_freely = (line == UpClose::Cutting::Lines::Box) ? nil : cut

  # quickly, for a mark of another width: by its hull where its ink decides
  # @param width_mm [Float]  @return [UpClose::Cutting::Cut]
  def rough(width_mm)
    quick = line.follows_ink? ? UpClose::Cutting::Lines::Hull : line
    turned(quick.new(asked(width_mm)).call)
  end

  # @return [Array<UpClose::Finding>]
  def findings(writer)
    [UpClose::Cutting::CutFindings.finding(line, as_placed, figures, writer), on_piece(writer)].compact
  end

  # face-down paper against the piece's wall or edge
  # @return [UpClose::Finding, nil]
  def on_piece(writer)
    return unless @mark.boxed? && @mark.placement
    UpClose::Cutting::PaperOnPiece.new(
      shape: @mark.shape_core, cut: as_placed, placement: printed.placement, wall: @mark.piece.edge == "wall",
      asked: asked(printed.width_mm), writer: writer
    ).finding
  end

  private

  def printed = @mark.printed

  def kept = @mark.cutting_kept

  # straight cuts, or nobody has said otherwise
  def ticked? = (!chosen? && !line.cover?) || STRAIGHT.include?(line.key)

  def turned(cut) = @mark.planned.reading.mirrored? ? cut.mirrored : cut

  def worked(line)
    return line.new(asked(printed.width_mm)).call unless line.follows_ink?
    UpClose::Cutting::Cut.from_h(
      Shelves::KeptAnswers.apart(printed.drawn, :cut, line.key, printed.width_mm, figures)
    )
  end

  def asked(width_mm)
    UpClose::Cutting::Asked.new(
      ink: printed.ink, width_mm: width_mm, region: -> { @mark.covering.region },
      slits: @mark.covering.slits, **figures
    )
  end
end
