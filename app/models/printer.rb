# frozen_string_literal: true

# A printer, as far as it is known.
class Printer < ApplicationRecord
  KINDS = %w[laser inkjet].freeze
  scope :at_hand, -> { where(archived_at: nil) }
  has_many :calibrations, -> { order(:id) }, inverse_of: :printer

  # The one that marks of this kind are printed on: the last one measured, else the first. All are
  # asked for at once, since a page wants both kinds.
  # @return [Printer, nil]
  def self.for(kind)
    at_hand.preload(:calibrations).select { |printer| printer.kind == kind }
      .max_by { |printer| [printer.current&.created_at.to_f, -printer.id] }
  end

  # kinds that this shop has; both while it has named none
  # @return [Array<String>]
  def self.kinds = at_hand.distinct.order(:id).pluck(:kind).uniq.then { |kinds| kinds.empty? ? KINDS : kinds }

  # what it cannot print on, mm from each edge
  # @return [Hash{Symbol => Float}]
  def margins_core = margins_mm.symbolize_keys

  # each tray's name, and the face it prints on; one without a name when none has been named
  # @return [Array<Array(String, String, nil)>]
  def tray_faces = trays.any? ? trays.map { |tray| [tray["name"], tray["face"]] } : [["", prints_face]]

  # @return [UpClose::Printing::KnownFaults]
  def faults = UpClose::Printing::KnownFaults.new(rollers_mm: rollers_mm, ghost_mm: ghost_mm)

  # @return [Calibration, nil]
  def current = calibrations.reject(&:ended_at).last

  # @return [Devices::Simulated::Printer, nil]
  def device = simulated && Devices::Simulated::Printer.fetch(simulated)
end
