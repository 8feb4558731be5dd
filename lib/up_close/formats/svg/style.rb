# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # The painting properties in force at an element: its own attributes, the
      # drawing's style rules, its style attribute, and what it inherits. Frozen.
      class Style
        INHERITED = {
          "fill" => "black",
          "fill-opacity" => "1",
          "fill-rule" => "nonzero",
          "stroke" => "none",
          "stroke-opacity" => "1",
          "stroke-width" => "1",
          "stroke-linecap" => "butt",
          "stroke-linejoin" => "miter",
          "stroke-miterlimit" => "4",
          "stroke-dasharray" => "none",
          "color" => "black",
          "visibility" => "visible"
        }.freeze
        OWN = %w[
          opacity display clip-path mask filter mix-blend-mode marker-start marker-mid marker-end marker paint-order
          vector-effect transform transform-origin overflow
        ].freeze

        def self.root = new(INHERITED, {}, 1.0)

        def initialize(inherited, own, opacity)
          @inherited, @own, @opacity = inherited.freeze, own.freeze, opacity
          freeze
        end

        # @param declared [Hash{String => String}] what the element declares, weakest first already merged
        def child(declared)
          kept = @inherited.merge(declared.slice(*INHERITED.keys).reject { |_, v| v == "inherit" })
          own = declared.slice(*OWN)
          Style.new(kept, own, @opacity * fraction(own["opacity"]))
        end

        # @param name [String] a property  @return [String, nil] its own, or inherited
        def [](name) = @own[name] || @inherited[name]

        def shown? = self["display"] != "none" && self["opacity"].to_s != "0"

        def visible? = self["visibility"] == "visible"

        # @param name [String] fill or stroke  @return [Array(Colour, Float), nil, :unknown]
        def paint(name) = Colours.read(self[name], current: self["color"])

        # @param name [String] fill or stroke  @return [Float] 0..1, the group's opacity with it
        def alpha(name) = fraction(self["#{name}-opacity"]) * @opacity

        def own_opacity = fraction(@own["opacity"])

        # @param text [String, nil] a number or a percentage  @return [Float] 0..1
        def fraction(text)
          return 1.0 if text.nil?
          (text.end_with?("%") ? text.to_f / 100 : text.to_f).clamp(0.0, 1.0)
        end
      end
    end
  end
end
