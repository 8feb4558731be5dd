# frozen_string_literal: true

module Actions
  # Keeps how a mark is etched, and how long that takes.
  module ChooseBath
    module_function

    # @param etching [MarkEtching]  @param form [Forms::BathForm] gets the refusal
    # @return [Boolean]
    def call(mark, etching, form)
      set(mark, etching)
      true
    rescue UpClose::Error => error
      form.refuse(error, :depth)
      false
    end

    # @raise [UpClose::Error] where nothing can etch it so
    def set(mark, etching) = mark.change(etching: etching.to_h, work_s: etching.time_s)
  end
end
