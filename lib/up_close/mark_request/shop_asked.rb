# frozen_string_literal: true

module UpClose
  class MarkRequest
    # What the shop is said to know.
    module ShopAsked
      private

      # @return [PlannedMark::Shop]
      def shop
        PlannedMark::Shop.new(
          climate: climate, ways: record, printers: printers,
          hour_cents: number("hour_cents", 0..1_000_000, 0).to_i
        )
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
end
