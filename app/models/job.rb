# frozen_string_literal: true

# What is wanted, for whom, by when.
class Job < ApplicationRecord
  has_many :pieces, -> { order(:id) }, inverse_of: :job
  has_many :boards, -> { order(:id) }, inverse_of: :job
  has_many :marks, -> { order(:id) }, through: :pieces

  scope :open, -> { where(archived_at: nil).order(Arel.sql("due_on is null"), :due_on, :id) }
  scope :put_away, -> { where.not(archived_at: nil).order(archived_at: :desc) }

  # @param jobs [Array<Job>]
  # @return [Hash{Integer => Integer}] how many live marks each has, by its id; those without any are left out
  def self.counted(jobs) = Mark.live.joins(:piece).where(pieces: {job_id: jobs}).group("pieces.job_id").count

  # @param jobs [Array<Job>]  @param most [Integer] of each
  # @return [Hash{Integer => Array<Mark>}] its first live marks, by its id
  def self.first_marks(jobs, most)
    numbered = Mark.live.joins(:piece).where(pieces: {job_id: jobs}).select(
      "marks.id, row_number() OVER (PARTITION BY pieces.job_id ORDER BY pieces.id, marks.id) AS place"
    )
    Mark.where("marks.id IN (SELECT id FROM (#{numbered.to_sql}) WHERE place <= ?)", most)
      .preload(:artwork, piece: :job).order(:piece_id, :id).group_by { |mark| mark.piece.job_id }
  end

  def live_marks = whole_marks.where(archived_at: nil)

  # with all that a page of them asks
  def whole_marks
    marks.preload(
      :host,
      :artwork, :attempts,
      piece: :job,
      runs: [:step_ends, {leader: :step_ends}],
      layouts: {layout_marks: {mark: [:artwork, :runs, {piece: :job}]}}
    )
  end

  # @param today [Date]
  def days_left(today) = due_on && (due_on - today).to_i
end
