# frozen_string_literal: true

module Actions
  # What to do otherwise next time, put into the shop's own way of doing it: its own school of that method, or a copy of
  # the one that was used. The mark uses it from now on; what is under way keeps its steps.
  module ChangeSchool
    TITLE = "our own way"

    module_function

    # @param attempt [Attempt]  @param cause [Class] a Diagnosis::Cause
    # @param change [UpClose::Diagnosis::Cause::Change]
    # @return [SchoolChange]
    # @raise [UpClose::Error] where the change is of no step
    def call(attempt, cause, change, now)
      refuse_stepless(change)
      ApplicationRecord.change do
        mark = attempt.mark
        school = mark.own_school || OwnSchool.find_or_initialize_by(method_key: attempt.method_key, title: TITLE)
        school.update!(steps: changed(school.steps.presence || copied(mark), change))
        mark.change(picked: mark.picked.merge("own_school" => school.id)) if mark.method_key == attempt.method_key
        SchoolChange.create!(
          method_key: attempt.method_key, own_school: school, attempt: attempt, cause: cause.key, step: change.step,
          words: change.words, made_at: now
        )
      end
    end

    def copied(mark) = UpClose::Methods::OwnSteps.copied(mark.setting)

    # @param steps [Array<Hash>]  @return [Array<Hash>]
    def changed(steps, change)
      refuse_stepless(change) unless steps.any? { |step| step["key"] == change.step }
      steps.map { |step| (step["key"] == change.step) ? step.merge(fields(step, change)) : step }
    end

    # a time is set; words come before those that were there
    def fields(step, change)
      told = change.fields[:words] || change.words
      words = step["words"].to_s.include?(told) ? step["words"] : "#{told} #{step["words"]}".strip
      change.fields.except(:words).transform_keys(&:to_s).merge("words" => words)
    end

    def refuse_stepless(change)
      return if change.step
      raise UpClose::Error.new(
        "That changes no step.", remedy: "Follow its instruction: #{change.words}", field: :change
      )
    end
    private_class_method :copied, :changed, :fields, :refuse_stepless
  end
end
