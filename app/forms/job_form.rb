# frozen_string_literal: true

module Forms
  # A job: what, for whom, by when.
  class JobForm < Base
    private

    def read
      words(:title, required: "Give the job a name, so that you can find it again.", most: 120)
      words(:for_whom, most: 120)
      words(:note, most: 2000)
      due
    end

    def due
      text = typed(:due_on).to_s.strip
      return values[:due_on] = nil if text.empty?
      values[:due_on] = Date.strptime(text, "%Y-%m-%d")
      errors[:due_on] = "That year is too far away." unless values[:due_on].year.between?(2000, 2200)
    rescue Date::Error
      errors[:due_on] = "“#{text[0, 20]}” is not a date. Type it as 2026-12-31."
    end
  end
end
