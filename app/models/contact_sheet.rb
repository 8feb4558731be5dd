# frozen_string_literal: true

# Pictures that each cover a piece of one kind: framed, lightened and laid together.
class ContactSheet
  MOST = 24
  # what makes two blanks alike
  LIKE = %w[shape measures material finish colour edge seen_through].freeze
  # what further marks take over from the first
  SAME_WORK = %w[
    method_key printer stock picked purpose afterwards sealer coats reading paper copies clearance_mm show_through
  ].freeze

  attr_reader :mark

  # @param mark [Mark] any of them
  def initialize(mark)
    @mark = mark
  end

  # in the order they were added
  # @return [Array<Mark>]
  def marks
    @marks ||= Mark.live.joins(:piece).where(pieces: {job_id: mark.job.id}).where.not(artwork_id: nil)
      .preload(:artwork, piece: :job).order(:id).select { |other| other.cover && alike?(other.piece) }
  end

  def alike?(piece) = piece.attributes.slice(*LIKE) == mark.piece.attributes.slice(*LIKE)

  # how many more pictures are taken
  def room = MOST - marks.size

  # tones common to all of them, as the last one says
  # @return [Hash{String => Float}] "lighter", "more" (contrast)
  def tones
    steps = (marks.last&.recipe || []).to_h { |step| [step["key"], step] }
    {"lighter" => steps.dig("levels", "lighter").to_f, "more" => steps.dig("contrast", "more").to_f}
  end

  # those that can go on one sheet: method chosen, not printed yet
  def to_lay = marks.select { |other| other.method_key && !other.layout&.printed? && other.runs.none? }

  # whether any of them says how they are made
  def made? = marks.any?(&:method_key)
end
