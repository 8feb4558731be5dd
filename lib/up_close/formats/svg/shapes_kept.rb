# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # From an element to what is painted of it, and whether it is seen: part of Reader.
      module ShapesKept
        private

        def add(element, declared, style, map)
          return unless style.visible?
          return cut_away unless map.within?(PathData::MOST)
          path = @basic.path(element.name, measures(element, declared))
          @commands += path.commands.size
          if @commands > Reader::MOST_COMMANDS
            Guard.refuse("This SVG holds more than #{Reader::MOST_COMMANDS} points.", "Simplify its paths.")
          end
          width = @lengths.read(style["stroke-width"], :diagonal)
          fill = paint(style, "fill")
          stroke = paint(style, "stroke") if width.positive?
          return if path.empty? || !(fill || stroke)
          check_stroke(style, map) if stroke
          keep(painted(path.transform(map), style, fill, stroke, width * map.mean_scale), style)
        end

        # a style's measures outdo the attributes (SVG 2, 8)
        def measures(element, declared)
          by_style = declared.slice(*Reader::GEOMETRY).reject { |_, value| value == "auto" }
          by_style["d"] = by_style["d"][/\Apath\(\s*["'](.*)["']\s*\)\z/m, 1].to_s if by_style["d"]
          ->(name) { by_style.fetch(name) { element.attributes[name].then { |value| value unless value == "auto" } } }
        end

        def check_stroke(style, map)
          note_beyond("dashed lines") if used?(style["stroke-dasharray"])
          note_beyond("stretched outlines") unless map.even?(1e-3)
          note_beyond("outlines that keep their width") if style["vector-effect"] == "non-scaling-stroke"
        end

        # what is not seen is not kept; what is cut through is beyond plain paths
        def keep(shape, style)
          seen = @seen ? @seen.of(shape.reach) : :whole
          seen = @seen.of(shape.exact_reach) if seen == :part && shape.stroke
          cut_away unless seen == :whole
          return if seen == :none
          note_beyond("parts that reach beyond its page") if seen == :part
          @shapes.concat(in_order(shape, style))
        end

        def cut_away = (@notes << Reader::CUT_AWAY unless @notes.include?(Reader::CUT_AWAY))

        # the outline first, where that is asked for
        def in_order(shape, style)
          return [shape] unless shape.fill && shape.stroke && style["paint-order"].to_s.strip.start_with?("stroke")
          [shape.with(fill: nil), shape.with(stroke: nil)]
        end

        def paint(style, name)
          colour = style.paint(name)
          return colour unless colour == :unknown
          note_beyond(style[name].to_s.start_with?("url") ? "gradients or patterns" : "colours we cannot read")
          nil
        end

        def painted(path, style, fill, stroke, width)
          Graphics::Painted.new(
            path: path,
            fill: fill&.first,
            fill_alpha: (fill ? fill.last * style.alpha("fill") : 1.0),
            even_odd: style["fill-rule"] == "evenodd",
            stroke: stroke&.first,
            stroke_alpha: (stroke ? stroke.last * style.alpha("stroke") : 1.0),
            stroke_width: width,
            cap: choice(style["stroke-linecap"], %i[butt round square]),
            join: choice(style["stroke-linejoin"], %i[miter round bevel]),
            miter: style["stroke-miterlimit"].to_f.clamp(1, 1000)
          )
        end

        def choice(word, options) = options.find { |o| o.to_s == word } || options.first
      end
    end
  end
end
