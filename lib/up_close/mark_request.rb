# frozen_string_literal: true

module UpClose
  # One mark asked for from outside, as docs/mark.md describes it. Reads what is given, fills in
  # what a page would begin with, and answers the WorkedMark.
  class MarkRequest
    include Way
    include AskedValues
    include Fields
    include PieceAsked
    include ArtworkAsked
    include SettingAsked
    include SituationAsked
    include OutlineAsked

    MOST = 500
    CLEARANCE_MM = 2.0
    KEYS = %w[
      piece artwork text font width_mm at clearance_mm method schools printer stock prints sealer coats room paper
      hour_cents record purpose afterwards work_s pieces printers cover cut
    ].freeze
    LONGEST_WORK_S = 30 * 86_400

    # @param data [Hash] as read from JSON
    # @param artwork [Artwork::Drawing, Artwork::Picture]
    # @param letters [Hash, nil] of lettering, {text:, x_height_ratio:}
    # @raise [Error]
    def initialize(data, artwork:, letters: nil)
      refuse("The request is no object.", "See docs/mark.md.", :request) unless data.is_a?(Hash)
      unknown = data.keys - KEYS
      refuse("“#{unknown.first}” is not asked for.", "Use #{KEYS.join(", ")}.", :request) if unknown.any?
      @data, @artwork, @letters = data, artwork, letters
      unless data["piece"].is_a?(Hash)
        refuse("“piece” is missing.", "Give its shape, measures, material and the rest.", :piece)
      end
    end

    # @return [WorkedMark]
    def worked
      @worked ||= WorkedMark.new(
        shape: shape, ink: artwork_ink, placement: placement,
        clearance_mm: number("clearance_mm", 0..500, CLEARANCE_MM), setting: setting, sealer: sealer,
        situation: situation, reading: reading, record: record, climate: climate,
        paper: Printing::Paper.fetch(@data["paper"] || "a4"), coverage: subject.solids.laid,
        hour_cents: number("hour_cents", 0..1_000_000, 0).to_i
      )
    end

    # every method for this purpose on this piece, from the printers there are
    # @return [Comparison]
    def comparison
      @comparison ||= Comparison.new(
        printers: printers.map(&:to_s), purpose: purpose, copies: wanted, size: size,
        ground: {material: material, finish: finish, colour: colour, grit: grit},
        wanted: looked_for.slice(:use, :finest_mm, :mostly_over_mm, :tones, :palette, :climate, :size_mm)
      )
    end

    private

    # as a method begins, unless the request names one
    def sealer = Sealing.fetch(@data["sealer"] || purpose.usual_sealer || transfer_method.seals_with || "none")

    def reading
      Methods::Orientation.new(transfer_method, seen_through: piece["seen_through"] == true, picked: schools)
    end

    def climate = Timetable::Climate.asked(object_of(@data, "room", "{\"temperature_c\": 18, \"humidity\": 50}"))

    # good and tried, by this way
    def record
      given = object_of(@data, "record", "{\"good\": 7, \"tried\": 10}")
      counts = %w[good tried].map { |key| whole("record.#{key}", given[key], 0, least: 0) }
      Record::Ways.new({[transfer_method.key, printer, stock.key] => counts})
    end
  end
end
