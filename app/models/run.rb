# frozen_string_literal: true

# Carrying out a method's steps. Keeps the steps it was started with and the
# moment each was done; everything else is worked out from those.
class Run < ApplicationRecord
  belongs_to :mark
  has_many :step_ends, -> { order(:id) }, inverse_of: :run
  has_many :attempts

  # @return [Array<UpClose::Methods::Step>]
  def steps_core = @steps_core ||= steps.map { |hash| UpClose::Methods::Step.from_h(hash) }

  # @return [UpClose::Runs::Clockwork]
  def clockwork
    UpClose::Runs::Clockwork.new(
      steps: steps_core,
      began_at: began_at.to_f,
      done_at: step_ends.to_h { |e| [e.step, e.done_at.to_f] }
    )
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
end
