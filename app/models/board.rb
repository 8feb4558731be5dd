# frozen_string_literal: true

# A circuit board as its files draw it, and how it is made.
class Board < ApplicationRecord
  # methods that a board's copper is made with: a resist, every place of which counts
  METHODS = %w[heat-resist lacquer-pull].freeze

  belongs_to :job

  # @return [UpClose::Boards::Layout]
  def layout_core = UpClose::Boards::Layout.new(**layout.transform_keys(&:to_sym))

  # @return [Shelves::DrawnBoard]
  def drawn
    Shelves::DrawnBoard.new(
      files: files, layout: layout, depth_mm: depth_mm, holds: holds, originals: Settings.originals,
      kept: Settings.opened
    )
  end

  def method_core = UpClose::Methods.fetch(method_key)

  # @return [Hash{String => Mark}] by side, those that are still there
  def marks = made.transform_values { |id| Mark.live.find_by(id: id) }.compact

  private

  # what the method keeps of a line and of a gap, mm
  def holds = UpClose::Methods::Limits.for(method: method_core, printer: :laser).then { |l| [l[:line_mm], l[:gap_mm]] }
end
