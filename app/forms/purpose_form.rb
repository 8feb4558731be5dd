# frozen_string_literal: true

module Forms
  # What a mark is for, and what is done once it is on the piece.
  class PurposeForm < Base
    LONGEST_MIN = 43_200

    private

    def read
      choice(:purpose, UpClose::Purposes.all.map(&:key))
      return if errors[:purpose]
      read_work(UpClose::Purposes.fetch(values[:purpose]))
    end

    def read_work(purpose)
      values[:afterwards] = values[:work_s] = nil
      return if purpose.works.empty?
      name = :"afterwards_#{purpose.key}"
      choice(name, purpose.works, fallback: "")
      return if errors[name]
      values[:afterwards] = values.delete(name).then { |key| key unless key.empty? }
      read_minutes if values[:afterwards] && UpClose::Afterwards.fetch(values[:afterwards]).usual_s
    end

    def read_minutes
      text = plain_digits(:work_min)
      return if text.empty?
      minutes = Float(text.tr(",", "."), exception: false)
      unless minutes && minutes > 0 && minutes <= LONGEST_MIN
        return errors[:work_min] = "“#{text}” is no number of minutes. Type how long the bath takes, such as 40."
      end
      values[:work_s] = minutes * 60
    end
  end
end
