# frozen_string_literal: true

# What a printer was found to make of a millimetre, and when.
class Calibration < ApplicationRecord
  belongs_to :printer

  # @return [UpClose::Printing::Calibration]
  def to_core
    known = figures.symbolize_keys
    UpClose::Printing::Calibration.new(**known.slice(:x_scale, :y_scale, :skew_deg, :residual_mm, :crosses))
  end
end
