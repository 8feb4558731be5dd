# frozen_string_literal: true

module Presenters
  # Seal: the finish and its steps, and when the mark is ready.
  class SealStage
    # @param mark [Mark]  @param now [Time]  @param error [UpClose::Error, nil] why a finish was not taken
    def initialize(mark, now:, error: nil)
      @mark, @now, @error = mark, now, error
    end

    # @return [Array<UpClose::Methods::Step>]
    def steps = @steps ||= @mark.planned.steps.select { |step| step.phase == :seal }

    # what lies on the piece, in words
    def residue = UpClose::Methods::RESIDUES[@mark.setting.left]

    # @return [Run, nil]
    def run = @mark.run

    def under_way? = !run.nil? && !run.finished?

    # @return [BenchStep] of the run
    def bench = @bench ||= BenchStep.new(run, now: @now)

    def ready_label
      return "Ready, if you begin now" unless run
      return "Ready since" if bench.ready?
      run.finished? ? "All steps done. It cures until" : "Ready, if every step takes its shortest time"
    end

    def ready_words = run ? bench.ready_words : Moments.clock(@now + whole.all_s, @now)

    def moments = run ? bench.moments : whole.moments(@now)

    # @return [String, nil] how the moment was worked out; nil once all steps are done
    def working
      begun = Moments.clock(@now, @now)
      return "#{whole.working}; begun at #{begun}" unless run
      return if run.finished?
      left = run.steps_core.drop(run.clockwork.index).map { |step| Moments.about(step.least_s) }
      "#{begun} + #{left.join(" + ")}, minus the time that has passed, time limits respected; starting values"
    end

    # @return [UpClose::Finding, nil] how much of the finish
    def amount = @mark.sealer_core.amount(@mark.piece.coated_mm2, coats: @mark.coats_wanted)

    # @return [Array<Array(Class, UpClose::Finding)>] finishes to choose from
    def open = judged.first

    # @return [Array<Array(Class, UpClose::Finding)>]
    def refused = judged.last

    # @return [String, nil]
    def refusal = (@error.sentence if @error && @error.field != :coats)

    # @return [String, nil]
    def coats_refusal = (@error.sentence if @error&.field == :coats)

    private

    def whole = @whole ||= WholeTime.new(@mark.planned.written_out)

    def judged = @judged ||= Sealers.new(@mark).open_and_refused
  end
end
