# frozen_string_literal: true

module Demo
  module Art
    # A compass rose of sixteen points, drawn from its angles.
    module CompassRose
      module_function

      def svg
        rings = [[68, 1.4], [64.8, 0.6]].map do |r, w|
          %(<circle r="#{r}" fill="none" stroke="#23211d" stroke-width="#{w}"/>)
        end
        <<~SVG
          <svg xmlns="http://www.w3.org/2000/svg" width="200mm" height="200mm" viewBox="-100 -100 200 200">
          #{rings.join("\n")}
          #{ticks.join("\n")}
          #{[22.5, 67.5, 112.5, 157.5].flat_map { |a| [a, a + 180] }.map { |a| point(a, 46, 11) }.join("\n")}
          #{[45, 135, 225, 315].map { |a| point(a, 62, 14) }.join("\n")}
          #{[0, 90, 180, 270].map { |a| point(a, 96, 17) }.join("\n")}
          </svg>
        SVG
      end

      def ticks
        Array.new(72) { |i| i * 5 }.map do |a|
          inner = (a % 15).zero? ? 60.6 : 62.8
          %(<path d="M#{at(a, inner)}L#{at(a, 64.8)}" stroke="#23211d" stroke-width="0.7"/>)
        end
      end

      # one point: its left half solid, its right half outlined
      def point(angle, length, waist)
        tip, left, right = at(angle, length), at(angle - 45, waist), at(angle + 45, waist)
        half(left, tip, "#23211d") + half(tip, right, "#fff")
      end

      def half(from, to, fill)
        edge = 'stroke="#23211d" stroke-width="0.6" stroke-linejoin="round"'
        %(<path d="M0 0L#{from}L#{to}Z" fill="#{fill}" #{edge}/>)
      end

      def at(angle, radius)
        radians = angle * Math::PI / 180
        "#{(radius * Math.sin(radians)).round(3)} #{(-radius * Math.cos(radians)).round(3)}"
      end
    end
  end
end
