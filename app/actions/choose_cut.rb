# frozen_string_literal: true

module Actions
  # Keeps the line a mark is cut out along; what is laid freely is laid anew.
  module ChooseCut
    module_function

    # @param form [Forms::CutForm]  @return [Boolean]
    def call(mark, form)
      return false unless form.ok?
      ApplicationRecord.change do
        mark.change(cutting_kept: form.kept, laying: mark.laying.merge(form.laying).compact)
      end
      mark.forget_design
      true
    end
  end
end
