# frozen_string_literal: true

module Actions
  # Makes a mark's letters white, by one of the ways with it: purpose, method, sheet and steps of preparing at once.
  module TakeWhiteWay
    # How a way would do on this mark: the worst of its method's rules, the sentence against it where that is a stop,
    # the chance that a try succeeds and the seconds of hands for all of it (nil where it cannot be). Frozen.
    Told = UpClose::Value.define(:verdict, :against, :chance, :hands_s)

    module_function

    # @param way [UpClose::Artwork::WaysWithWhite::Way]
    # @raise [UpClose::Error] when it cannot be prepared so, or its method is refused for this piece
    def call(mark, way)
      set(mark, way)
      ChooseMethod.check(mark)
      mark.change
    end

    # changes a mark that is not kept yet; its letters keep their size
    def set(mark, way)
      mark.assign_attributes(purpose: way.purpose, afterwards: way.afterwards) if for_other?(mark, way)
      if way.method_key
        picked = mark.picked.slice("own_school").merge(way.picked.transform_keys(&:to_s).transform_values(&:to_s))
        picked = picked.except("own_school") if mark.method_key != way.method_key
        mark.assign_attributes(
          method_key: way.method_key, printer: printer(mark, way), reading: "auto", picked: picked,
          stock: way.stock || UpClose::Methods.fetch(way.method_key).stocks.first.key
        )
      end
      mark.template = mark.template.merge(way.template) if way.template.any?
      with_finish(mark) if mark.method_key
      PrepareArtwork.set(mark, mark.white.other_steps + way.recipe) if mark.width_mm
    end

    # @return [Told]
    def told(mark, way)
      trial = mark.tried
      set(trial, way)
      ChooseMethod.check(trial)
      planned = trial.planned
      worst = planned.suitability.max_by { |finding| UpClose::Finding::VERDICTS.first(3).index(finding.verdict) || -1 }
      Told.new(worst&.verdict || :fine, (worst.reason if worst&.stop?), planned.spares.chance, planned.hands_s)
    rescue UpClose::Error => error
      Told.new(:stop, error.sentence, nil, nil)
    end

    # a mark without a purpose is still asked for it
    def for_other?(mark, way) = way.purpose && mark.purpose && mark.purpose != way.purpose

    def printer(mark, way)
      there = [mark.printer, *Printer.kinds.map(&:to_s)].compact
      there.find { |kind| UpClose::Methods.fetch(way.method_key).printers.include?(kind.to_sym) } || "laser"
    end

    def with_finish(mark)
      mark.sealer = ChooseMethod.sealer_that_suits(mark)
      mark.coats = nil if mark.sealer_changed?
    end
    private_class_method :for_other?, :printer, :with_finish
  end
end
