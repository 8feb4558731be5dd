# frozen_string_literal: true

module UpClose
  module Placing
    # Room between a mark and another one on the same piece.
    module Between
      module_function

      # @param title [String] the other mark's
      # @param hulls [Array<Array<Geometry::Point>>] of this mark and its repeats
      # @param others [Array<Array<Geometry::Point>>]
      # @param wanted_mm [Float]
      # @return [Finding]
      def finding(title, hulls, others, wanted_mm, writer)
        gap = hulls.product(others).map { |a, b| Geometry::Algorithms::HullGap.call(a, b) }.min
        meets = gap.negative?
        Finding.new(
          key: :neighbour,
          title: "#{meets ? "Lies on" : "Clear of"} #{title}",
          verdict: verdict(gap, wanted_mm),
          figure: writer.with_unit(gap.abs),
          value: gap,
          unit: "mm",
          limit: wanted_mm,
          working: Working.new("least distance between the outlines of both: #{Working.number(gap)} mm"),
          reason: meets ? "Both would be printed on top of each other." : "You asked for " \
            "#{writer.with_unit(wanted_mm)}.",
          remedy: (gap < wanted_mm) ? "Move one of them." : nil
        )
      end

      # @return [Symbol]
      def verdict(gap, wanted_mm)
        return :stop if gap.negative?
        (gap < wanted_mm) ? :watch : :fine
      end
    end
  end
end
