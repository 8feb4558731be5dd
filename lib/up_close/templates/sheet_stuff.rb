# frozen_string_literal: true

module UpClose
  module Templates
    # What a template is cut from: how wide its bridges and necks must be, how wide a window is cleared for the pencil,
    # how many times it is used, how tightly it bends (one way only), what it is cut with and how far outside the line.
    # All starting values.
    SheetStuff = Value.define(
      :key, :title, :bridge_mm, :neck_mm, :window_mm, :uses, :bend_radius_mm, :tool, :allowance_mm, :least_hole_mm,
      :strain, keyword_init: true
    ) do
      # @param key [String]  @return [SheetStuff]
      # @raise [Errors::Unknown]
      def self.fetch(key)
        all.find { |stuff| stuff.key == key.to_s } || raise(Errors::Unknown.new(
          "No template is cut from “#{key}” here.", remedy: "Choose one of: #{all.map(&:key).join(", ")}.",
          field: :material
        ))
      end

      # @return [Array<SheetStuff>] the softest first
      def self.all = ALL_STUFFS

      # The softest that lasts and bends so, and why.
      # @param uses [Integer]  @param radius_mm [Float, nil] of what it is bent round; nil: it lies flat
      # @return [Array(SheetStuff, String)]
      def self.choose(uses:, radius_mm: nil)
        choice = all.find { |stuff| stuff.uses >= uses && (radius_mm.nil? || radius_mm >= stuff.bend_radius_mm) }
        choice ||= all.max_by(&:uses)
        bends = radius_mm && "; it bends round #{Working.number(choice.bend_radius_mm, 0)} mm and more, one way only"
        [choice, "We suggest #{choice.title}: it lasts about #{choice.uses} uses#{bends}."]
      end

      # What it must stretch over a knee, of its own half width over the knee's radius (as a dome: Surfaces::Dome).
      # @param half_mm [Float]  @param radius_mm [Float]
      # @return [Finding]
      def over_knee(half_mm, radius_mm)
        arc = half_mm.to_f / radius_mm
        taken = 1 - Math.sin(arc) / arc
        fits = taken <= strain
        Finding.new(
          key: :knee, title: "Over a knee", verdict: fits ? :fine : :watch, figure: "#{Working.number(taken * 100)} %",
          value: taken, limit: strain, unit: nil,
          working: Working.new(
            "1 − sin(a/ρ) ÷ (a/ρ), a = #{Working.number(half_mm)}, ρ = #{Working.number(radius_mm)} mm: " \
            "#{Working.number(taken * 100)} %", source: "#{title} takes #{Working.number(strain * 100)} %: a start"
          ),
          reason: "A sheet bends one way only; the other way it must stretch.",
          remedy: fits ? nil : "Make it smaller, cut it in two, or roll it along the gentler way."
        )
      end
    end

    ALL_STUFFS = [
      SheetStuff.new(key: "paper", title: "thick paper", bridge_mm: 3.0, neck_mm: 3.0, window_mm: 2.0, uses: 2,
        bend_radius_mm: 3.0, tool: "scissors or a knife", allowance_mm: 0.0, least_hole_mm: 2.0, strain: 0.003),
      SheetStuff.new(key: "card", title: "card", bridge_mm: 2.0, neck_mm: 2.0, window_mm: 2.0, uses: 8,
        bend_radius_mm: 15.0, tool: "a knife", allowance_mm: 0.0, least_hole_mm: 2.0, strain: 0.003),
      SheetStuff.new(key: "plastic", title: "thick clear plastic", bridge_mm: 1.2, neck_mm: 1.2, window_mm: 2.0,
        uses: 60, bend_radius_mm: 30.0, tool: "a knife, several light cuts", allowance_mm: 0.3, least_hole_mm: 2.5,
        strain: 0.01),
      SheetStuff.new(key: "aluminium", title: "thin aluminium", bridge_mm: 1.5, neck_mm: 1.5, window_mm: 2.0,
        uses: 500, bend_radius_mm: 8.0, tool: "snips, a piercing saw inside", allowance_mm: 0.5, least_hole_mm: 2.0,
        strain: 0.01)
    ].freeze
  end
end
