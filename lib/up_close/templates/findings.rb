# frozen_string_literal: true

module UpClose
  module Templates
    # What a knife, and whoever holds the sheet, can do with a template.
    module Findings
      MOST_PLACES = 30

      module_function

      # @param cut [Cut]  @return [Array<Finding>]
      def call(cut) = [islands(cut), neck(cut), slots(cut), small(cut)].compact

      # @param cut [Cut]  @return [Finding]
      def islands(cut)
        return Finding.fine(:islands, "Islands", figure: "none") if cut.islands.empty?
        return loose(cut) if cut.loose.any?
        Finding.fine(
          :islands, "Islands", figure: "#{cut.islands.size} tied", value: cut.islands.size,
          working: Working.new("#{cut.bridges.size} bridges #{Working.number(cut.stuff.bridge_mm)} mm wide, together " \
            "#{Working.number(cut.bridges.sum(&:length_mm), 1)} mm long: the shortest tree, and a second for each " \
            "island over 10 mm"), places: cut.bridges.first(MOST_PLACES).map { |bridge| bridge.region.box }
        )
      end

      # @return [Finding] islands that nothing ties
      def loose(cut)
        Finding.stop(
          :islands, "Islands", figure: "#{cut.loose.size} loose", value: cut.loose.size,
          reason: "No bridge to them is short enough, or all would cross a marked feature.",
          remedy: "Move a bridge by hand, or let one cross.",
          places: cut.loose.first(MOST_PLACES).map { |island| cut.parts[island].box }
        )
      end

      # @param cut [Cut]  @return [Finding]
      def neck(cut)
        least = cut.stuff.neck_mm
        place = cut.neck
        return Finding.fine(:neck, "Weakest neck", figure: "over #{Working.number(Cut::NECK_REACH_MM)} mm") unless place
        weak = place.mm < least - Tolerance::SLIGHT
        Finding.new(
          key: :neck, title: "Weakest neck", verdict: weak ? :watch : :fine, figure: "#{Working.number(place.mm)} mm",
          value: place.mm, unit: "mm", limit: least, places: [place.box],
          reason: "#{cut.stuff.title.capitalize} holds #{Working.number(least)} mm (a starting value).",
          remedy: weak ? "Make it larger, use a stiffer sheet, or glue two layers." : nil
        )
      end

      # @param cut [Cut]  @return [Finding, nil]
      def slots(cut)
        return if cut.slots.empty?
        twice = cut.slots.count { |slot| slot.on == 1 }
        Finding.new(
          key: :slots, title: "Windows for inner lines", verdict: :fine, figure: cut.slots.size.to_s,
          value: cut.slots.size,
          reason: twice.zero? ? "Draw along the true edge, marked beside it." :
            "#{twice} of them cross others: they are on a second template.",
          working: Working.new("#{Working.number(cut.stuff.window_mm)} mm cleared for the pencil beside each line",
            source: "a starting value")
        )
      end

      # @param cut [Cut]  @return [Finding, nil]
      def small(cut)
        return if cut.too_small.empty?
        Finding.watch(
          :small, "Too small for a blade", figure: cut.too_small.size.to_s, value: cut.too_small.size,
          reason: "Openings under #{Working.number(cut.stuff.least_hole_mm)} mm are left closed.",
          remedy: "Prick them through with a needle, or make it larger.",
          places: cut.too_small.first(MOST_PLACES).map(&:box)
        )
      end
    end
  end
end
