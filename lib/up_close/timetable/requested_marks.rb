# frozen_string_literal: true

module UpClose
  module Timetable
    # How a mark of a plan is made, as it was asked for: part of Request.
    module RequestedMarks
      private

      def whole(mark, key, start)
        count = mark.fetch(key, start)
        return count if count.is_a?(Integer) && count.between?(1, 500)
        refuse("“#{key}” is #{count.inspect}.", "Give 1 to 500.", key.to_sym)
      end

      def setting(mark)
        return if mark["steps"]
        method = Methods.fetch(mark["method"])
        schools = object_of(mark, "schools", "{\"coats\": \"two\"}").except("after").transform_keys(&:to_sym)
        method.check_choices(schools)
        Methods::MethodChoice.new(
          method: method,
          printer: printer_of(mark, method),
          stock: mark["stock"] && Sheets::Stock.fetch(mark["stock"]),
          picked: schools,
          copies: whole(mark, "copies", 1),
          pieces: whole(mark, "pieces", mark.fetch("copies", 1)),
          purpose: purpose(mark),
          afterwards: mark["afterwards"] && Afterwards.fetch(mark["afterwards"]),
          tray: holds[:oven],
          material: mark["material"] && Materials.material(mark["material"]),
          finish: mark["finish"] && Materials.finish(mark["finish"])
        )
      end

      def purpose(mark) = mark["purpose"] && Purposes.fetch(mark["purpose"])

      # @return [Array<Methods::Step>]
      def own_steps(mark)
        objects_of(mark, "steps", "{\"key\": \"lay\", \"title\": \"Lay it\", \"minutes\": 2}")
          .map { |step| own_step(step) }
      end

      # a window opens and shuts within so many minutes
      MOST_MINUTES = 1_000_000

      def own_step(step)
        minutes = step["minutes"]
        unless minutes.is_a?(Numeric) && minutes.between?(0, MOST_MINUTES)
          refuse("“#{step["title"] || step["key"]}” has no end.", "Give its minutes.", :steps)
        end
        kind = %w[hands wait].include?(step["kind"]) ? step["kind"] : "hands"
        Methods::Step.new(
          key: step["key"].to_s,
          title: (step["title"] || step["key"]).to_s,
          words: "",
          phase: :apply,
          kind: kind,
          least_s: minutes * 60,
          after: step["after"],
          place: step["place"],
          earliest_s: number_of(step, "earliest_min", 0..MOST_MINUTES)&.*(60),
          latest_s: number_of(step, "latest_min", 0..MOST_MINUTES)&.*(60)
        )
      end
    end
  end
end
