# frozen_string_literal: true

# Carrying out a method's steps. Keeps the steps it was started with and the
# moment each was done; everything else is worked out from those.
class Run < ApplicationRecord
  belongs_to :mark
  has_many :step_ends, -> { order(:id) }, inverse_of: :run
  has_many :attempts

  # @return [Array<UpClose::Methods::Step>]
  def steps_core = @steps_core ||= steps.map { |hash| UpClose::Methods::Step.from_h(hash) }

  # after they have been changed
  def forget_steps = @steps_core = nil

  # @return [UpClose::Runs::Clockwork]
  def clockwork
    UpClose::Runs::Clockwork.new(steps: walk.paced, began_at: began_at.to_f, done_at: done_at)
  end

  # @return [Hash{String => Float}] step key → when it was done
  def done_at = step_ends.to_h { |e| [e.step, e.done_at.to_f] }

  # piece by piece
  # @return [UpClose::Rounds::Walk]
  def walk = UpClose::Rounds::Walk.new(steps: steps_core, began_at: began_at.to_f, done_at: done_at)

  # prints of the lot at hand that no piece of it needs
  # @param step [UpClose::Methods::Step] in a round
  def spares_left(step)
    lot = steps_core.select { |other| other.round == step.round && other.lot == step.lot }
    prints_in(step.lot) - lot.map { |other| [other.turn, other.try] }.uniq.size
  end

  # runs of the same method that stand at a step, this one among them
  # @param key [String] of the step
  # @return [Array<Run>]
  def at_the_same(key)
    Run.where(ended_at: nil).includes(:step_ends, :mark).select do |one|
      one.mark.way == mark.way && one.clockwork.state(0).step&.key == key
    end
  end

  def finished? = !ended_at.nil?

  private

  # prints that one lot holds, or all of them where there is one lot
  def prints_in(lot)
    printed = lot && steps_core.find { |step| step.lot == lot && step.for_prints? && step.number }
    printed ? printed.number : mark.copies_wanted
  end
end
