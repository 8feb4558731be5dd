# frozen_string_literal: true

module Forms
  # How a template is cut.
  class TemplateForm < Base
    HOURS = Shelves::WorkedTemplate::CLOCK

    private

    def read
      choice(:stuff, UpClose::Templates::SheetStuff.all.map(&:key))
      choice(:kind, UpClose::Templates::Cut::KINDS.keys + ["auto"])
      count(:folds, 1..UpClose::Templates::Folded::FOLDS.end, "Parts")
      values[:moved] = moved
    end

    # what leaves by itself is not kept
    def moved
      @typed["moved"].to_h.select { |island, hour| island.to_s.match?(/\A\d{1,4}\z/) && HOURS.include?(hour.to_i) }
        .transform_values(&:to_i)
    end
  end
end
