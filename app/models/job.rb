# frozen_string_literal: true

# What is wanted, for whom, by when.
class Job < ApplicationRecord
  has_many :pieces, -> { order(:id) }, inverse_of: :job
  has_many :boards, -> { order(:id) }, inverse_of: :job
  has_many :marks, -> { order(:id) }, through: :pieces

  scope :open, -> { where(archived_at: nil).order(Arel.sql("due_on is null"), :due_on, :id) }
  scope :put_away, -> { where.not(archived_at: nil).order(archived_at: :desc) }

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
