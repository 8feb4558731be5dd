# frozen_string_literal: true

# When this shop works, and what its room, oven and drying place are like. Starts
# as weekday evenings and Saturday.
class ShopTime
  DAYS = %w[Sunday Monday Tuesday Wednesday Thursday Friday Saturday].freeze
  USUAL = {
    "week" => {
      "1" => [[1140, 1320]],
      "2" => [[1140, 1320]],
      "3" => [[1140, 1320]],
      "4" => [[1140, 1320]],
      "5" => [[1140, 1320]],
      "6" => [[600, 780], [840, 1020]]
    },
    "days_off" => [],
    "temperature_c" => 20,
    "humidity" => 50,
    "drying" => 24,
    "oven" => 12,
    "room_read_at" => nil
  }.freeze

  # what is kept; the usual hours where it cannot be read
  def self.current = Held.fetch(:shop_time) { read(Preference.get("timetable")) || new({}) }

  def self.readable?(text) = !read(text).nil?

  # @param text [String] JSON
  # @return [ShopTime, nil] nil when pages could not work with it
  def self.read(text)
    kept = JSON.parse(text)
    return unless kept.is_a?(Hash)
    new(kept).tap { |time| [time.hours, time.climate, time.room_read_at, *(0..6).map { |day| time.words(day) }] }
  rescue JSON::ParserError, TypeError, NoMethodError, ArgumentError, UpClose::Error
    nil
  end

  def initialize(kept)
    @kept = USUAL.merge(kept)
  end

  def self.keep(values) = Preference.put("timetable", JSON.generate(values))

  def [](name) = @kept.fetch(name)

  def week = self["week"].transform_keys(&:to_i)

  def days_off = self["days_off"].map { |date| Date.iso8601(date) }

  # @return [UpClose::Timetable::Hours]
  # @raise [UpClose::Error] when there are none
  def hours = UpClose::Timetable::Hours.new(week, zone: Shelves::LocalZone, days_off: days_off)

  # @return [UpClose::Timetable::Climate]
  def climate = UpClose::Timetable::Climate.new(temperature_c: self["temperature_c"], humidity: self["humidity"])

  # @return [Time, nil] when the room was last measured, not typed
  def room_read_at = self["room_read_at"]&.then { |text| Time.iso8601(text) }

  # @return [Hash{Symbol => Integer}]
  def holds = {drying: self["drying"], oven: self["oven"]}

  # "19:00–22:00, 14:00–17:00"
  def words(wday)
    week.fetch(wday, []).map { |span| span.map { |m| format("%d:%02d", m / 60 % 24, m % 60) }.join("–") }.join(", ")
  end
end
