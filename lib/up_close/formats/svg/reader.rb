# frozen_string_literal: true

require "rexml/document"

module UpClose
  module Formats
    module SVG
      # Reads an SVG into a drawing of plain painted paths. What a drawing of
      # paths cannot hold (gradients, filters, text in fonts we may lack, pictures)
      # is named in #beyond, and the caller prints such a file as a picture. Weighed: librsvg, which ruby-vips brings,
      # gives pixels and no paths; no kept gem gives paths with their styles.
      class Reader
        MOST_ELEMENTS = 40_000
        MOST_COMMANDS = 600_000
        DEEPEST = 64
        SKIPPED = %w[
          defs symbol title desc metadata style namedview marker clipPath mask pattern linearGradient radialGradient
          filter a11y
        ].freeze
        GROUPS = %w[g a switch svg use].freeze
        BEYOND = {
          "text" => "lettering as text",
          "image" => "a picture inside",
          "foreignObject" => "a web page inside",
          "filter" => "filters"
        }.freeze

        attr_reader :beyond, :notes

        # what was beyond the page is told in these words
        CUT_AWAY = "Parts outside its page are cut away, as a browser shows it."
        SYSTEM_FONTS = "Its letters are set in this computer's fonts and may differ from where it was drawn. Turn " \
          "them into outlines there to be sure."
        GEOMETRY = %w[x y width height cx cy r rx ry d].freeze

        # @param text [String]
        # @param take_all [Boolean] what lies beyond the page as well
        # @raise [Errors::BadArtwork]
        def initialize(text, take_all: false)
          Guard.check_size(text)
          @text = Doctype.taken_off(text.dup.force_encoding("UTF-8").scrub("?"))
          @take_all = take_all
          @beyond = []
          @notes = []
          @shapes = []
          @elements = @commands = 0
        end

        # @return [Graphics::Drawn]
        def drawing
          root = parse
          @rules = StyleRules.new(texts(root, "style"))
          note_beyond("style rules beyond the simple ones") if @rules.odd?
          @ids = ids(root)
          view = root_view(root)
          @seen = Seen.new(view.room, Geometry::Transform::IDENTITY) unless @take_all
          within(view) { walk(root, Style.root, view.map, 0) }
          @notes << SYSTEM_FONTS if @beyond.include?(BEYOND["text"])
          Graphics::Drawn.new(@shapes, mm_per_unit: @mm_per_unit, notes: @notes)
        end

        # the page that it is drawn on, for a renderer
        # @return [RenderedPage]
        def page
          RenderedPage.new(
            @text,
            edged? ? @root_view.room : nil,
            beyond: (@shapes.map(&:reach).reduce(:union) if @take_all || !edged?),
            letters: @beyond.include?(BEYOND["text"])
          )
        end

        # @return [Float, nil] millimetres that a px comes to, when the file gives its size
        attr_reader :mm_per_unit

        private

        def parse
          document = REXML::Document.new(@text)
          not_svg unless document.root && document.root.name == "svg"
          Guard.new(document).check
          document.root
        rescue REXML::ParseException, RuntimeError, ArgumentError => error
          raise if error.is_a?(Error)
          Guard.refuse(
            "This SVG breaks off or is not well formed.",
            "Open it in the program that made it and save it again."
          )
        end

        def not_svg
          Guard.refuse("This file says it is an SVG but holds no drawing.", "Check that it is the right file.")
        end

        def texts(root, name)
          REXML::XPath.match(root, "//*[local-name()='#{name}']").map { |e| e.texts.map(&:value).join }.join("\n")
        end

        # of two that are called alike, the first
        def ids(root) = REXML::XPath.match(root, "//*[@id]").reverse.to_h { |e| [e.attributes["id"], e] }

        # keeps the true size when the file gives one
        # @return [Viewport]
        def root_view(root)
          at = root.attributes
          box = at["viewBox"].to_s.scan(PathData::NUMBER).map(&:to_f)
          width, height = %w[width height].map { |n| (at[n] && !at[n].end_with?("%")) ? Lengths.new.read(at[n]) : nil }
          note_size(width, height, box)
          @mm_per_unit = 25.4 / 96 if Lengths.real?(at["width"]) || Lengths.real?(at["height"])
          wide, high = room(width, height, box)
          @root_view = Viewport.new(width: wide, height: high, view: box, fit: at["preserveAspectRatio"])
        end

        # a side that is not given is as the view box has it; a drawing with neither has no edge
        def room(width, height, box)
          return [width || NO_EDGE, height || NO_EDGE] unless box.size == 4 && box[2] > 0 && box[3] > 0
          width = height * box[2] / box[3] if height && width.nil?
          [width || box[2], height || (width || box[2]) * box[3] / box[2]]
        end

        NO_EDGE = 1e6

        def edged? = [@root_view.width, @root_view.height].max < NO_EDGE

        # lengths in shares are of the view that is drawn in
        def within(view)
          was = [@lengths, @basic]
          wide, high = view.view ? view.view.last(2) : [view.width, view.height]
          @lengths = Lengths.new(wide, high)
          @basic = BasicShapes.new(@lengths)
          yield
        ensure
          @lengths, @basic = was
        end

        def note_size(width, height, box)
          return if width || height || box.size == 4
          @notes << "The drawing gives no size of its own; you set it when you place it."
        end

        def walk(element, style, map, depth)
          count(element, depth)
          declared = declared(element)
          style = style.child(declared)
          return if !style.shown? || SKIPPED.include?(element.name)
          note_beyond(BEYOND[element.name]) if BEYOND.key?(element.name)
          check_style(element, style)
          map = own_map(element, style).then(map)
          return add(element, declared, style, map) if BasicShapes::TAGS.include?(element.name)
          children(element, style, map, depth) if GROUPS.include?(element.name)
        end

        # a style's transform outdoes the attribute
        def own_map(element, style)
          css = style["transform"]
          if css.nil? || css == element.attributes["transform"]&.strip
            return Transforms.read(element.attributes["transform"])
          end
          (css == "none") ? Geometry::Transform::IDENTITY : Transforms.read_css(css, @lengths)
        end

        def count(element, depth)
          @elements += 1
          return if @elements <= MOST_ELEMENTS && depth <= DEEPEST
          Guard.refuse(
            "This SVG holds more than #{MOST_ELEMENTS} parts, or nests them without end.",
            "Simplify it, or save it as a PNG at its final size."
          )
        end

        def children(element, style, map, depth)
          return follow(element, style, map, depth) if element.name == "use"
          return inner(element, element, style, map, depth) if element.name == "svg" && depth > 0
          list = element.elements.to_a
          list = list.first(1) if element.name == "switch"
          list.each { |child| walk(child, style, map, depth + 1) }
        end

        def follow(element, style, map, depth)
          target =
            @ids[(element.attributes["href"] || element.attributes["xlink:href"]).to_s.delete_prefix("#")] or return
          map = moved(element).then(map)
          return walk(target, style, map, depth + 1) unless %w[symbol svg].include?(target.name)
          count(target, depth)
          style = style.child(declared(target))
          inner(target, element, style, map, depth) if style.shown?
        end

        def moved(element)
          Geometry::Transform.move(
            @lengths.read(element.attributes["x"]),
            @lengths.read(element.attributes["y"], :down)
          )
        end

        # a drawing within the drawing, or a symbol, in the room that it or its user gives it
        def inner(element, user, style, map, depth)
          map = moved(element).then(map) if element.name == "svg"
          view = Viewport.new(
            width: side("width", :across, user, element),
            height: side("height", :down, user, element),
            view: element.attributes["viewBox"].to_s.scan(PathData::NUMBER).map(&:to_f),
            fit: element.attributes["preserveAspectRatio"]
          )
          return if view.width <= 0 || view.height <= 0
          seen_within(view, map, style) do
            within(view) { element.elements.each { |child| walk(child, style, view.map.then(map), depth + 1) } }
          end
        end

        def side(name, direction, *elements)
          @lengths.read(elements.filter_map { |e| e.attributes[name] }.first || "100%", direction)
        end

        def seen_within(view, map, style)
          was = @seen
          @seen = Seen.new(view.room, map, was) unless @take_all || %w[visible auto].include?(style["overflow"])
          yield
        ensure
          @seen = was
        end

        def declared(element)
          at = element.attributes
          own = {}
          at.each_attribute do |a|
            own[a.name] = a.value.strip if Style::INHERITED.key?(a.name) || Style::OWN.include?(a.name)
          end
          rules, strong_rules = @rules.for(element.name, at["id"], at["class"].to_s.split)
          style, strong_style = StyleRules.declarations(at["style"])
          [own, rules, style, strong_rules, strong_style].reduce(:merge)
        end

        def check_style(element, style)
          note_beyond("clipping") if used?(style["clip-path"])
          note_beyond("masks") if used?(style["mask"])
          note_beyond("filters") if used?(style["filter"])
          note_beyond("blending") if used?(style["mix-blend-mode"]) && style["mix-blend-mode"] != "normal"
          note_beyond("markers") if %w[marker marker-start marker-mid marker-end].any? { |n| used?(style[n]) }
          note_beyond("a moved origin of turns") if used?(style["transform-origin"]) && used?(style["transform"])
          note_beyond("see-through groups") if style.own_opacity < 1 && GROUPS.include?(element.name)
        end

        def used?(value) = value && value != "none"

        def add(element, declared, style, map)
          return unless style.visible?
          path = @basic.path(element.name, measures(element, declared))
          @commands += path.commands.size
          if @commands > MOST_COMMANDS
            Guard.refuse("This SVG holds more than #{MOST_COMMANDS} points.", "Simplify its paths.")
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
          by_style = declared.slice(*GEOMETRY).reject { |_, value| value == "auto" }
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

        def cut_away = (@notes << CUT_AWAY unless @notes.include?(CUT_AWAY))

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

        def note_beyond(what) = (@beyond << what unless @beyond.include?(what))
      end
    end
  end
end
