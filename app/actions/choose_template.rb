# frozen_string_literal: true

module Actions
  # Keeps how a mark's template is cut.
  module ChooseTemplate
    module_function

    # @param form [Forms::TemplateForm]  @return [Boolean]
    def call(mark, form)
      return false unless form.ok?
      kept = form.values.slice(:stuff, :kind, :folds, :moved).transform_keys(&:to_s)
      kept.delete("kind") if kept["kind"] == "auto"
      mark.change(template: kept)
      true
    end
  end
end
