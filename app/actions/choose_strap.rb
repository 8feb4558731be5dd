# frozen_string_literal: true

module Actions
  # Keeps a strap as it was asked for, and the piece's handle.
  module ChooseStrap
    module_function

    # @param form [Forms::StrapForm]
    # @return [Boolean] false, with the reason in the form, where such a strap does not fit
    def call(mark, form)
      return false unless form.ok?
      MarkRegister.new(mark, tried: form.settings).aid
      keep(mark, form.settings)
      true
    rescue UpClose::Error => error
      form.refuse(error, :down)
      false
    end

    def keep(mark, settings)
      ApplicationRecord.change do
        mark.change(strap: settings.slice(:down_mm, :high_mm, :overlap_mm).transform_keys(&:to_s))
        mark.piece.change(handle: {"side" => settings[:handle], "joins_mm" => settings[:joins]}.compact)
      end
    end
  end
end
