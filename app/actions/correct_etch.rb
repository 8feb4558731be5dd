# frozen_string_literal: true

module Actions
  # A depth measured between two laps: the laps to come are laid out anew, and the rate is kept with the mark.
  module CorrectEtch
    module_function

    # @param run [Run]  @param key [String] the step that the maker saw  @param depth_um [Float]
    # @return [Boolean] whether it was taken
    # @raise [UpClose::Error]
    def call(run, key, depth_um, now)
      ApplicationRecord.change do
        run.lock!
        next false unless at_hand?(run, key, now)
        correction = UpClose::Etching::Correction.new(run.steps_core, at: key, done_at: run.done_at)
        steps = correction.call(depth_um / 1000.0, MarkEtching.new(run.mark).depth_mm)
        keep(run, steps, depth_um, correction.in_bath_s)
        true
      end
    end

    # whether a depth is measured at the step, and it is the one at hand
    def at_hand?(run, key, now)
      step = run.clockwork.state(now.to_f).step
      !step.nil? && step.key == key && UpClose::Etching::Correction.measured_at?(step)
    end

    # what the simulated gauge shows after the time it has been in
    # @return [Float] µm
    def measured(run, key)
      seconds = UpClose::Etching::Correction.new(run.steps_core, at: key, done_at: run.done_at).in_bath_s
      etching = MarkEtching.new(run.mark)
      Devices::Simulated::EtchingBath.new.ask(
        bath: etching.bath, metal: etching.metal, seconds: seconds, temperature_c: etching.temperature_c,
        motion: etching.motion
      ).value!.depth_um
    end

    def keep(run, steps, depth_um, seconds)
      run.update!(steps: steps.map(&:to_h))
      run.forget_steps
      mark = run.mark
      mark.change(etching: mark.etching.merge("strip_um" => depth_um, "strip_min" => (seconds / 60).round(2)))
    end
  end
end
