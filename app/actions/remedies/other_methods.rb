# frozen_string_literal: true

module Actions
  module Remedies
    # Another method, from a printer that is there, on each of its sheets: those that nothing speaks against first.
    module OtherMethods
      # methods, and sheets of each
      MOST, MOST_SHEETS = 5, 2

      module_function

      # @return [Array<Change>]
      def call(mark, _stop)
        rows(mark).flat_map { |row| sheets(row).map { |stock| change(mark, row, stock) } }
      end

      def rows(mark)
        piece, planned = mark.piece, mark.planned
        compared = UpClose::Comparison.new(
          printers: Printer.kinds, purpose: mark.purpose_core, copies: mark.good_wanted, record: planned.ways,
          size: planned.size, wanted: planned.wanted,
          ground: {
            material: piece.material_core, finish: piece.finish_core, colour: piece.colour_core,
            more_colours: piece.more_colours_core, grit: piece.grit
          }
        )
        compared.sorted.reject { |row| row.refused? || row.transfer_method.key == mark.method_key }.first(MOST)
      end

      def sheets(row)
        others = row.transfer_method.stocks.select { |stock| stock.printers.include?(row.setting.printer) }
        [row.setting.stock, *others].uniq(&:key).first(MOST_SHEETS)
      end

      def change(mark, row, stock)
        method = row.transfer_method
        ground = mark.piece.colour_core
        way = {
          method_key: method.key, printer: row.setting.printer.to_s, stock: stock.key, reading: "auto",
          picked: method.choices.to_h { |choice| [choice.key.to_s, choice.pick_for(ground, stock).to_s] }
        }
        Change.new(
          "method:#{method.key}:#{row.setting.printer}:#{stock.key}",
          "Use #{method.title.downcase} on #{stock.title.sub(/ \(.*/, "").downcase}", ->(m) { set(m, way) }
        )
      end

      # with a finish that suits it, as when it is chosen by hand
      def set(mark, way)
        mark.assign_attributes(way)
        mark.sealer = ChooseMethod.sealer_that_suits(mark)
        mark.coats = nil if mark.sealer_changed?
      end
      private_class_method :rows, :sheets, :change, :set
    end
  end
end
