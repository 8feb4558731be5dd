# frozen_string_literal: true

module Actions
  # Keeps how a mark is etched, and how long that takes.
  module ChooseBath
    module_function

    # @param etching [MarkEtching]  @param form [Forms::BathForm] gets the refusal
    # @return [Boolean]
    def call(mark, etching, form)
      seconds = etching.time_s
      ApplicationRecord.change { mark.update!(etching: etching.to_h, work_s: seconds) }
      true
    rescue UpClose::Error => error
      form.refuse(error, :depth)
      false
    end
  end
end
