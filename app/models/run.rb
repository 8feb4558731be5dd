# frozen_string_literal: true

# Carrying out a method's steps. Keeps the steps it was started with and the
# moment each was done; everything else is worked out from those. Marks begun together have one run: the first
# mark's leads, and the others' follow it.
class Run < ApplicationRecord
  belongs_to :mark
  belongs_to :leader, class_name: "Run", optional: true
  has_many :followers, class_name: "Run", foreign_key: :leader_id, inverse_of: :leader
  has_many :step_ends, -> { order(:id) }, inverse_of: :run
  has_many :attempts

  before_save :keep_ready_at, if: :ended_at_changed?

  # @return [Array<UpClose::Methods::Step>]
  def steps_core = @steps_core ||= lead.steps.map { |hash| UpClose::Methods::Step.from_h(hash) }

  # the one whose steps are done
  # @return [Run]
  def lead = leader || self

  # the marks done in it, this run's own first
  # @return [Array<Mark>]
  def marks = [mark, *followers.map(&:mark)]

  # whose piece a turn of the rounds is
  # @param turn [Integer, nil]
  # @return [Array(Mark, Integer)] the mark, and which of its pieces
  def owner(turn)
    return [mark, turn] if together.empty? || turn.nil?
    together.each do |share|
      return [marks.find { |mark| mark.id == share["mark"] }, turn] if turn <= share["pieces"]
      turn -= share["pieces"]
    end
    [mark, turn]
  end

  # pieces of all of its marks
  def pieces = together.any? ? together.sum { |share| share["pieces"] } : mark.good_wanted

  def prints = together.any? ? together.sum { |share| share["prints"] } : mark.copies_wanted

  # after they have been changed
  def forget_steps = @steps_core = nil

  # @return [UpClose::Runs::Clockwork]
  def clockwork
    UpClose::Runs::Clockwork.new(steps: walk.paced, began_at: lead.began_at.to_f, done_at: done_at)
  end

  # @return [Hash{String => Float}] step key → when it was done
  def done_at = lead.step_ends.to_h { |e| [e.step, e.done_at.to_f] }

  # piece by piece
  # @return [UpClose::Rounds::Walk]
  def walk = UpClose::Rounds::Walk.new(steps: steps_core, began_at: lead.began_at.to_f, done_at: done_at)

  # prints of the lot at hand that no piece of it needs: all of them, less those spoilt and those that lie, or
  # will lie, on a piece
  # @param step [UpClose::Methods::Step] in a round
  def spares_left(step)
    tries = steps_core.select { |other| other.round == step.round && other.lot == step.lot }
      .group_by { |other| [other.turn, other.try] }.values
    whole = tries.map(&:size).max
    turns = tries.map { |list| list.first.turn }.compact.minmax
    spoilt = attempts.count { |a| a.result == "spoilt" && (step.lot.nil? || a.piece.between?(*turns)) }
    prints_in(step.lot) - spoilt - tries.count { |list| list.size == whole }
  end

  # Runs whose present step is this one's too, this run first: made in the same way (method, variants, sheet, purpose,
  # finish and its coats), the step itself told alike, and open for each. What another still has to wait for is not
  # ended by a press made here.
  # @param key [String] of the step  @param now [Time]
  # @return [Array<Run>] none when this run itself does not stand there
  def at_the_same(key, now)
    mine = open_step(now)
    return [] unless mine&.key == key
    others = Run.where(ended_at: nil, leader_id: nil).where.not(id: id).order(:id)
      .includes(:step_ends, mark: [:artwork, {piece: :job}])
    [self, *others.select { |run| run.mark.made_like == mark.made_like && run.open_step(now)&.done_like?(mine) }]
  end

  # the step at hand, unless it is still to be waited for
  # @param now [Time]
  # @return [UpClose::Methods::Step, nil]
  def open_step(now)
    state = clockwork.state(now.to_f)
    state.step unless state.early?
  end

  # whether a copy lies on a piece: the first step of a round is done
  def laid?
    finished? || steps_core.any? { |step| step.round && step.key[/\A[^:]+/] == step.round && done_at.key?(step.key) }
  end

  # whether a piece whose try was spoilt was tried again with another print
  # @param piece [Integer] of its mark
  def tried_again?(piece)
    turn = piece + lead.together.take_while { |share| share["mark"] != mark_id }.sum { |share| share["pieces"] }
    steps_core.any? { |step| step.turn == turn && step.try.to_i > 1 }
  end

  def finished? = !lead.ended_at.nil?

  # its steps are done, and the last coat has cured
  # @param now [Time]
  def over?(now) = finished? && (lead.ready_at || Time.at(clockwork.ready_at(now.to_f))) <= now

  # when the last coat has cured, once its steps are done: found by SQL, without reading the steps
  def keep_ready_at
    self.ready_at = ended_at && Time.at(clockwork.ready_at(ended_at.to_f))
  end

  private

  # prints that one lot holds, or all of them where there is one lot
  def prints_in(lot)
    printed = lot && steps_core.find { |step| step.lot == lot && step.for_prints? && step.number }
    printed ? printed.number : prints
  end
end
