# frozen_string_literal: true

# How this shop likes things shown.
class Preference < ApplicationRecord
  # what each may be, the first one where nothing was chosen
  ALLOWED = {
    "unit" => %w[mm in],
    "fractions" => UpClose::Measure::LengthWriter::FRACTIONS.keys,
    "light" => %w[auto day shed],
    "currency" => ["€", /\A[^\s\d<>&]{1,5}\z/],
    "zone" => ["", ->(name) { ShopZone.known?(name) }],
    "week_start" => %w[1 6 0],
    "paper" => %w[a4 letter],
    "ratio" => ["", /\A\d+(\.\d+)?\z/],
    "fumes" => UpClose::Methods::FUMES.keys,
    "hour_cents" => ["0", /\A\d{1,6}\z/],
    "timetable" => ["{}", ->(text) { ShopTime.readable?(text) }]
  }.freeze

  # all are asked for at once: a page wants several
  def self.get(name) = chosen.fetch(name) { ALLOWED.fetch(name).first }

  # all of them, the first allowed where nothing was chosen
  # @return [Hash{String => String}]
  def self.everything = ALLOWED.transform_values(&:first).merge(chosen)

  # @return [Hash{String => String}]
  def self.chosen = Held.fetch(:preferences) { pluck(:name, :value).to_h }
  private_class_method :chosen

  def self.put(name, value)
    return unless ALLOWED[name]&.any? { |allowed| allowed === value }
    change { find_or_initialize_by(name: name).update!(value: value) }
  end
end
