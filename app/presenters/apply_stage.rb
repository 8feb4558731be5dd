# frozen_string_literal: true

module Presenters
  # Apply: the steps of a mark before its finish, what the whole work takes, and how to begin.
  class ApplyStage
    # @param mark [Mark]  @param now [Time]
    def initialize(mark, now:)
      @mark, @now = mark, now
    end

    # before the finish
    # @return [Array<UpClose::Methods::Step>]
    def steps = all_steps.reject { |step| step.phase == :seal }

    def pieces = @mark.pieces_to_do

    def prints = @mark.copies_wanted

    # @return [Array<UpClose::Finding>]
    def findings = [hands, *@mark.laid_first, *planned.findings.select { |finding| finding.key == :lots }, whole]

    # @return [Run, nil] one that is under way
    def under_way = @mark.run&.finished? ? nil : @mark.run

    # @return [Array<Run>] done before
    def past = @mark.runs.select(&:finished?)

    def begun_before? = !@mark.run.nil?

    # @return [Array<Mark>] that could be done in the same run
    def companions = @companions ||= @mark.companions

    private

    def planned = @planned ||= @mark.planned

    def all_steps = @all_steps ||= planned.steps

    def hands
      total = Moments.about(planned.hands_s)
      each = all_steps.reject(&:wait?).map { |step| Moments.about(step.least_s) }
      UpClose::Finding.note(
        :hands, "Work by hand", figure: total,
        working: UpClose::Working.new("#{each.join(" + ")} = #{total}",
          source: "starting values, for #{counted(pieces, "piece")} and #{counted(prints, "print")}")
      )
    end

    def whole
      time = WholeTime.new(planned.written_out)
      UpClose::Finding.note(
        :whole, "From start to ready, at least", figure: Moments.about(time.all_s), working: time.working,
        reason: "Begun now, it is ready #{Moments.clock(@now + time.all_s, @now)}."
      )
    end

    def counted(number, singular) = "#{number} #{singular}#{"s" unless number == 1}"
  end
end
