# frozen_string_literal: true

# What may have gone wrong with a try: the facts kept with it, handed to the core.
class AttemptDiagnosis
  # @param attempt [Attempt]
  def initialize(attempt)
    @attempt = attempt
  end

  # @return [UpClose::Diagnosis::Facts]
  def facts
    @facts ||= UpClose::Diagnosis::Facts.new(
      choice: choice, faults: @attempt.faults, places: places, times: @attempt.times_core, passes: @attempt.passes,
      sealer: UpClose::Sealing.fetch(@attempt.sealer || "none"), answers: @attempt.answers,
      seen: @attempt.seen.transform_keys(&:to_sym).slice(*UpClose::Diagnosis::Facts::SEEN), given: given
    )
  end

  # @return [UpClose::Diagnosis::Odds]
  def odds
    @odds ||= UpClose::Diagnosis::Odds.new(facts, times_found: AttemptDiagnosis.times_found(@attempt.method_key))
  end

  # @return [UpClose::Diagnosis::BestQuestion::Asked, nil]
  def question = odds.lines.any? ? UpClose::Diagnosis::BestQuestion.new(odds).call : nil

  # what this shop found before, by this method
  # @return [Hash{String => Integer}] by cause
  def self.times_found(method_key)
    Attempt.own.where(method_key: method_key).where.not(cause: nil).group(:cause).count
  end

  # when a step was done, or its like
  # @return [Float, nil] seconds since the epoch
  def done_at(step)
    run = @attempt.run or return
    ends = run.lead.step_ends.select { |step_end| UpClose::Record::StepTimes.plain(step_end.step) == step }
    mine = ends.select { |step_end| step_end.step.match?(/:#{@attempt.piece}(~\d+)?\z/) }
    (mine.presence || ends).last&.done_at&.to_f
  end

  private

  def choice
    UpClose::Methods::MethodChoice.new(
      method: @attempt.method_core, printer: @attempt.printer || "laser",
      stock: @attempt.stock && UpClose::Sheets::Stock.fetch(@attempt.stock),
      picked: @attempt.schools.transform_keys(&:to_sym), material: @attempt.material_core,
      finish: @attempt.finish_core, purpose: @attempt.purpose && UpClose::Purposes.fetch(@attempt.purpose)
    )
  end

  def places
    taps = @attempt.places.select { |place| place["x"] }.map { |place| place.values_at("x", "y") }
    named = @attempt.places.filter_map { |place| place["where"]&.to_sym }
    (UpClose::Diagnosis::WhereTapped.call(taps) | named) & UpClose::Diagnosis::Facts::PLACES.keys
  end

  def given
    columns = %i[grit width_mm height_mm temperature_c humidity nth coats]
      .to_h { |name| [name, @attempt.public_send(name)] }
    @attempt.given.transform_keys(&:to_sym).merge(columns).compact
  end
end
