# frozen_string_literal: true

module Actions
  # Says what a mark is for, and what comes after its transfer.
  module ChoosePurpose
    module_function

    # @param form [Forms::PurposeForm] gets the refusal
    # @return [Boolean]
    def call(mark, form)
      return false unless form.ok?
      set(mark, **form.values.slice(:purpose, :afterwards, :work_s))
      true
    rescue UpClose::Error => error
      form.refuse(error, :purpose)
      false
    end

    # @param purpose [String] its key  @param afterwards [String, nil]  @param work_s [Numeric, nil] its main wait
    # @raise [UpClose::Error] when it cannot be that
    def set(mark, purpose:, afterwards: nil, work_s: nil)
      check(mark, purpose)
      mark.assign_attributes(purpose: purpose, afterwards: afterwards, work_s: work_s)
      mark.afterwards ||= usual_work(mark)
      # the time of a chosen tip stays with its work
      mark.work_s ||= mark.work_s_was unless mark.afterwards_changed? || mark.tooling.empty?
      suit_sealer(mark) if mark.method_key && mark.changed?
      mark.change
    end

    # what has been laid cannot become something else
    def check(mark, purpose)
      if mark.run && !mark.run.finished? && mark.run.step_ends.any? && purpose != mark.purpose_core&.key
        raise UpClose::Error.new(
          "It is on the bench already.", remedy: "Finish this run, or begin another mark.", field: :purpose
        )
      end
      why = UpClose::Purposes.fetch(purpose).against_piece(mark.piece.material_core) or return
      raise UpClose::Errors::Unsuitable.new(why, remedy: "Choose another purpose.", field: :purpose)
    end

    def usual_work(mark)
      mark.purpose_core.usual_work(material: mark.piece.material_core, finish: mark.piece.finish_core)&.key
    end

    def suit_sealer(mark)
      mark.sealer = mark.purpose_core.usual_sealer || mark.method_core.seals_with if mark.purpose_changed?
      mark.sealer = ChooseMethod.sealer_that_suits(mark)
      mark.coats = nil if mark.sealer_changed?
    end
  end
end
