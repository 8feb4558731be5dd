# frozen_string_literal: true

module Actions
  # Lays a mark's copies on sheets.
  module LaySheet
    module_function

    # @param form [Forms::SheetForm] gets the refusal
    # @return [Boolean]
    def call(mark, form, now)
      return false unless form.ok?
      mark.assign_attributes(form.values.merge(packed_at: now))
      mark.pack
      ApplicationRecord.change { mark.save! }
      true
    rescue UpClose::Errors::DoesNotFit => error
      form.refuse(error, :paper)
      mark.restore_attributes
      false
    end
  end
end
