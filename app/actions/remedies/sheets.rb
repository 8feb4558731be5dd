# frozen_string_literal: true

module Actions
  module Remedies
    # Another sheet for the same method and printer: white film on a dark ground, a carrier that lets go.
    module Sheets
      module_function

      # @return [Array<Change>]
      def call(mark, _stop)
        return [] unless mark.method_key
        others(mark).map do |stock|
          Change.new("sheet:#{stock.key}", "Print on #{stock.title.sub(/ \(.*/, "")}", ->(m) { set(m, stock) })
        end
      end

      # cut as suits it, as when it is chosen by hand
      def set(mark, stock)
        before = mark.stock_core
        mark.method_core.choices.each do |choice|
          usual, suits = [before, stock].map { |sheet| choice.pick_for(mark.piece.colour_core, sheet).to_s }
          next if usual == suits || (mark.picked[choice.key.to_s] || usual) != usual
          mark.picked = mark.picked.merge(choice.key.to_s => suits)
        end
        mark.stock = stock.key
      end

      # white first, where it is the look that says stop
      def others(mark)
        mark.method_core.stocks.select { |stock| stock.printers.include?(mark.printer.to_sym) }
          .reject { |stock| stock.key == mark.setting.stock.key }.sort_by { |stock| stock.white? ? 0 : 1 }
      end
      private_class_method :set, :others
    end
  end
end
