# frozen_string_literal: true

# What a printer was found to make of a millimetre, and when.
class Calibration < ApplicationRecord
  belongs_to :printer

  # @return [UpClose::Printing::Calibration]
  def to_core = UpClose::Printing::Calibration.from_h(figures.symbolize_keys)
end
