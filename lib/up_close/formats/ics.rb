# frozen_string_literal: true

require "icalendar"

module UpClose
  module Formats
    # A plan as an iCalendar file: an event for each time by hand, with an alarm, and
    # one for the day a mark is ready. Each keeps its identifier from plan to plan, so
    # that reading it in again moves it instead of doubling it (RFC 5545, 3.8.4.7).
    module ICS
      HOST = "up-close.local"
      ALARM_MIN = 10

      module_function

      # @param plan [Timetable::Plan]  @param stamp [Time] when the file is made
      # @return [String]
      def call(plan, stamp:)
        calendar = Icalendar::Calendar.new
        calendar.prodid = "-//Up Close//timetable//EN"
        Timetable::Stretches.call(plan.entries).select(&:hands?)
          .each { |entry| by_hand(calendar, entry, stamp) }
        plan.entries.group_by(&:chain).each { |chain, entries| ready(calendar, chain, entries.map(&:to).max, stamp) }
        calendar.publish
        calendar.to_ical
      end

      # @param calendar [Icalendar::Calendar]  @param entry [Timetable::Plan::Entry]
      def by_hand(calendar, entry, stamp)
        entry.pieces.each_with_index do |(from, to), i|
          calendar.event do |event|
            event.uid = uid(entry.chain, entry.step.key, i)
            event.dtstamp, event.dtstart, event.dtend = [stamp, from, to].map { |moment| utc(moment) }
            event.summary = "#{entry.chain.title}: #{entry.step.full_title}"
            event.description = [entry.step.words, entry.step.never && "Never #{entry.step.never}"].compact.join("\\n")
            event.alarm do |alarm|
              alarm.action, alarm.summary, alarm.description, alarm.trigger =
                "DISPLAY", event.summary, event.summary, "-PT#{ALARM_MIN}M"
            end
          end
        end
      end

      # @param moment [Numeric] seconds since the epoch
      def ready(calendar, chain, moment, stamp)
        calendar.event do |event|
          event.uid = uid(chain, "ready", 0)
          event.dtstamp, event.dtstart, event.dtend = [stamp, moment, moment + 900].map { |m| utc(m) }
          event.summary = "#{chain.title}: ready"
        end
      end

      # @param step [String]  @param piece [Integer] from 0  @return [String] the same from plan to plan
      def uid(chain, step, piece) = "mark-#{chain.id}-#{step}#{"-#{piece + 1}" if piece.positive?}@#{HOST}"

      # @param moment [Numeric] seconds since the epoch  @return [Icalendar::Values::DateTime]
      def utc(moment) = Icalendar::Values::DateTime.new(Time.at(moment.to_f).utc, "tzid" => "UTC")
    end
  end
end
