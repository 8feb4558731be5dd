# frozen_string_literal: true

module UpClose
  module Printing
    # A pack's pages drawn so that one printer's own faults are undone: once, and
    # only on their way to the printer.
    class Compensated
      # @param pack [#pages, #sheets]  @param calibration [Calibration, nil]
      def initialize(pack, calibration)
        @pack, @calibration = pack, calibration
      end

      def sheets = @pack.sheets

      # @return [Array<Page>]
      def pages
        @pages ||= @calibration ? @pack.pages.map { |page| page.drawn_by(@calibration.undo(page.paper)) } : @pack.pages
      end
    end
  end
end
