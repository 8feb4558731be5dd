# frozen_string_literal: true

require "time"

module UpClose
  module Timetable
    # A plan asked for from outside, as docs/plan.md describes it. Frozen.
    class Request
      include AskedValues
      include RequestedMarks

      MOST_MARKS = 400
      DAYS = %w[sun mon tue wed thu fri sat].freeze
      SPAN = /\A(\d{1,2}):(\d{2})-(\d{1,2}):(\d{2})\z/
      attr_reader :hours, :from, :chains, :holds, :zone, :climate

      # a round is planned as one step: what it stands for
      # @return [Hash{Object => Hash{String => Array<Methods::Step>}}] by mark, then by the round's key
      attr_reader :parts

      # @param data [Hash] as read from JSON  @param zone [#at, #date_of]
      # @raise [Error]
      def initialize(data, zone:)
        refuse("The request is no object.", "See docs/plan.md.", :request) unless data.is_a?(Hash)
        @zone = zone
        @from = moment(data["from"], :from)
        @hours = Hours.new(week(data["hours"]), zone: zone, days_off: Array(data["days_off"]).map { |text| date(text) })
        @climate = Climate.asked(object_of(data, "room", "{\"temperature_c\": 18, \"humidity\": 50}"))
        @holds = places(object_of(data, "holds", "{\"oven\": 12}"))
        marks = data["marks"]
        unless marks.is_a?(Array) && marks.size.between?(1, MOST_MARKS)
          refuse("“marks” is missing or too long.", "Give 1 to #{MOST_MARKS}.", :marks)
        end
        @parts = {}
        @chains = marks.each_with_index.map { |mark, i| chain(mark, i) }
        freeze
      end

      def planner = Planner.new(hours, from: from, holds: holds)

      private

      MOST_HELD = 1000

      def places(given)
        Planner::PLACES.keys.to_h { |place| [place, number_of(given, place.to_s, 1..MOST_HELD)&.floor] }.compact
      end

      def chain(mark, index)
        refuse("Mark #{index + 1} is no object.", "Give method, printer and the rest.", :marks) unless mark.is_a?(Hash)
        setting = setting(mark)
        ends = object_of(mark, "done", "{\"print\": \"2026-12-14T09:00:00Z\"}")
          .transform_values { |text| moment(text, :done) }
        id = mark["id"] || index + 1
        gathered = Rounds::Gathered.new(steps(mark, setting).reject { |step| ends.key?(step.key) })
        @parts[id] = gathered.parts
        TaskChain.new(
          id: id,
          title: (mark["title"] || "mark #{index + 1}").to_s,
          steps: gathered.call,
          due: mark["due"] && moment(mark["due"], :due),
          copies: setting ? setting.pieces : whole(mark, "copies", 1),
          ends: ends
        )
      end

      # as this room makes them, each lot and piece by itself
      def steps(mark, setting)
        return own_steps(mark).map { |step| climate.call(step) } unless setting
        told = WholeWork.call(Sealing.fetch(mark["sealer"] || "none"), setting).map { |step| climate.call(step) }
        Rounds.written_out(told, prints: setting.copies, pieces: setting.pieces)
      end

      def week(hours)
        refuse("“hours” is missing.", "Give {\"mon\": [\"19:00-22:00\"], …}.", :hours) unless hours.is_a?(Hash)
        hours.to_h do |day, spans|
          [
            DAYS.index(day.to_s[0, 3].downcase) || refuse("“#{day}” is no day.", "Use #{DAYS.join(", ")}.", :hours),
            Array(spans).map { |text| span(text) }
          ]
        end
      end

      def span(text)
        a, b, c, d = text.to_s.match(SPAN)&.captures&.map(&:to_i)
        unless a && a < 24 && c <= 24 && b < 60 && d < 60
          refuse("“#{text}” does not read as hours.", "Write 19:00-22:00.", :hours)
        end
        [a * 60 + b, (c * 60 + d) % 1440]
      end

      def moment(text, field)
        Time.iso8601(text.to_s).to_f
      rescue ArgumentError
        refuse("“#{text}” is no moment.", "Write it as 2026-12-14T09:00:00Z.", field)
      end

      def date(text)
        Date.iso8601(text.to_s)
      rescue Date::Error
        refuse("“#{text}” is no date.", "Write it as 2026-12-24.", :days_off)
      end
    end
  end
end
