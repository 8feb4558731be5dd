# frozen_string_literal: true

# A mark on a layout, and what it was laid out for: another size or number of it
# needs another layout.
class LayoutMark < ApplicationRecord
  belongs_to :layout
  belongs_to :mark

  def as_laid?(mark) = outline_key == mark.outline_key
end
