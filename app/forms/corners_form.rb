# frozen_string_literal: true

module Forms
  # Four corners of something in a photo, from its top left, clockwise: how far across and down, in 100.
  class CornersForm < Base
    private

    def read
      numbers = typed(:corners).to_s.scan(/-?\d+(?:[.,]\d+)?/).map { |text| text.tr(",", ".").to_f / 100 }
      if numbers.size == 8 && numbers.all? { |share| share.between?(0, 1) }
        values[:corners] = numbers.each_slice(2).to_a
      else
        errors[:corners] = "Tap the four corners, clockwise from the top left. Or type how far across and down, in " \
          "percent."
      end
    end
  end
end
