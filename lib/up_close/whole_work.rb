# frozen_string_literal: true

module UpClose
  # A mark's work from its print to its cure, as one list of steps: the transfer, what comes after it, the finish.
  module WholeWork
    # after a solvent, before anything hot: a starting value
    AIRED_S = 1800

    module_function

    # Coats that go under the mark come after the ground has been made ready.
    # @param sealer [Class] a Sealing::Sealer  @param setting [Methods::MethodChoice]
    # @return [Array<Methods::Step>]
    def call(sealer, setting)
      steps, under = setting.steps, sealer.under_steps(setting)
      ready = (steps.index { |step| step.key == "ground" } || steps.index { |step| step.phase == :apply } || 0) + 1
      steps.first(ready) + under + steps.drop(ready) + afterwards(setting) + sealer.steps(setting)
    end

    # @return [Array<Methods::Step>]
    def afterwards(setting)
      work = setting.afterwards or return []
      steps = work.steps(setting)
      return steps unless work.hot? && setting.transfer_method.solvent_in(setting)
      # it does not begin before the airing has ended
      [airing(setting), steps.first.with(after: "air", earliest_s: 0, when_late: "Go on."), *steps.drop(1)]
    end

    # @param setting [Methods::MethodChoice]  @return [Methods::Step]
    def airing(setting)
      solvent = setting.transfer_method.solvent_in(setting)
      Methods::Script.new(setting).tap { |script|
        script.wait "air", "Air the piece and the room",
          "Until no smell of #{solvent} is left, in the piece or in the room. No flame or hot tip before.",
          phase: :after, lasts: AIRED_S..nil, cautions: %i[solvent heat_after_solvent], look_for: "no smell.",
          early: "#{solvent.capitalize} vapour burns."
      }.steps.first
    end
    private_class_method :airing
  end
end
