# frozen_string_literal: true

require "rexml/document"

module UpClose
  module Formats
    module SVG
      # Reads an SVG into a drawing of plain painted paths. What a drawing of
      # paths cannot hold (gradients, filters, text in fonts we may lack, pictures)
      # is named in #beyond, and the caller prints such a file as a picture.
      class Reader
        MOST_ELEMENTS = 40_000
        MOST_COMMANDS = 600_000
        DEEPEST = 64
        SKIPPED = %w[defs symbol title desc metadata style namedview marker clipPath mask pattern linearGradient radialGradient filter a11y].freeze
        GROUPS = %w[g a switch svg use].freeze
        BEYOND = {"text" => "lettering as text", "image" => "a picture inside", "foreignObject" => "a web page inside", "filter" => "filters"}.freeze

        attr_reader :beyond, :notes

        # @param text [String]
        # @raise [Errors::BadArtwork]
        def initialize(text)
          @text = text.dup.force_encoding("UTF-8").scrub("?")
          @beyond = []
          @notes = []
          @shapes = []
          @elements = @commands = 0
          Guard.check(@text)
        end

        # @return [Artwork::Drawing]
        def drawing
          root = parse
          @rules = StyleRules.new(texts(root, "style"))
          note_beyond("style rules beyond the simple ones") if @rules.odd?
          @ids = ids(root)
          map = view_map(root)
          walk(root, Style.root, map, 0)
          Artwork::Drawing.new(@shapes, mm_per_unit: @mm_per_unit, notes: @notes)
        end

        private

        def parse
          REXML::Document.new(@text).root.tap { |root| not_svg unless root && root.name == "svg" }
        rescue REXML::ParseException, RuntimeError => error
          raise if error.is_a?(Error)
          Guard.refuse("This SVG breaks off or is not well formed.", "Open it in the program that made it and save it again.")
        end

        def not_svg = Guard.refuse("This file says it is an SVG but holds no drawing.", "Check that it is the right file.")

        def texts(root, name) = REXML::XPath.match(root, "//*[local-name()='#{name}']").map { |e| e.texts.map(&:value).join }.join("\n")

        def ids(root) = REXML::XPath.match(root, "//*[@id]").to_h { |e| [e.attributes["id"], e] }

        # viewBox to user units; keeps the true size when the file gives one
        def view_map(root)
          at = root.attributes
          box = at["viewBox"].to_s.scan(PathData::NUMBER).map(&:to_f)
          width, height = %w[width height].map { |n| (at[n] && !at[n].end_with?("%")) ? Lengths.new.read(at[n]) : nil }
          note_size(width, height, box)
          @lengths = Lengths.new((box.size == 4) ? box[2] : width, (box.size == 4) ? box[3] : height)
          @basic = BasicShapes.new(@lengths)
          scales = stretch(width, height, box)
          @mm_per_unit = Lengths.real?(at["width"]) ? 25.4 / 96 : nil
          Geometry::Transform.scale(*((at["preserveAspectRatio"] == "none") ? scales : [scales.min] * 2))
        end

        def stretch(width, height, box)
          return [1.0, 1.0] unless box.size == 4 && box[2] > 0 && box[3] > 0
          across, down = (width || height || box[2]) / box[2], (height || width || box[3]) / box[3]
          across = down = [across, down].max unless width && height
          (across > 0 && down > 0) ? [across, down] : [1.0, 1.0]
        end

        def note_size(width, height, box)
          return if width || height || box.size == 4
          @notes << "The drawing gives no size of its own; you set it when you place it."
        end

        def walk(element, style, map, depth)
          count(element, depth)
          style = style.child(declared(element))
          return if !style.shown? || SKIPPED.include?(element.name)
          note_beyond(BEYOND[element.name]) if BEYOND.key?(element.name)
          check_style(element, style)
          map = Transforms.read(element.attributes["transform"]).then(map)
          return add(element, style, map) if BasicShapes::TAGS.include?(element.name)
          children(element, style, map, depth) if GROUPS.include?(element.name)
        end

        def count(element, depth)
          @elements += 1
          return if @elements <= MOST_ELEMENTS && depth <= DEEPEST
          Guard.refuse("This SVG holds more than #{MOST_ELEMENTS} parts, or nests them without end.", "Simplify it, or save it as a PNG at its final size.")
        end

        def children(element, style, map, depth)
          return follow(element, style, map, depth) if element.name == "use"
          map = inner_view(element).then(map) if element.name == "svg" && depth > 0
          list = element.elements.to_a
          list = list.first(1) if element.name == "switch"
          list.each { |child| walk(child, style, map, depth + 1) }
        end

        def follow(element, style, map, depth)
          target = @ids[(element.attributes["href"] || element.attributes["xlink:href"]).to_s.delete_prefix("#")] or return
          map = Geometry::Transform.move(@lengths.read(element.attributes["x"]), @lengths.read(element.attributes["y"], :down)).then(map)
          return walk(target, style, map, depth + 1) unless target.name == "symbol"
          count(target, depth)
          target.elements.each { |child| walk(child, style.child(declared(target)), inner_view(target).then(map), depth + 1) }
        end

        def inner_view(element)
          at = element.attributes
          box = at["viewBox"].to_s.scan(PathData::NUMBER).map(&:to_f)
          move = Geometry::Transform.move(@lengths.read(at["x"]), @lengths.read(at["y"], :down))
          return move unless box.size == 4 && box[2] > 0 && box[3] > 0
          width, height = at["width"] ? @lengths.read(at["width"]) : box[2], at["height"] ? @lengths.read(at["height"], :down) : box[3]
          Geometry::Transform.move(-box[0], -box[1]).then(Geometry::Transform.scale([width / box[2], height / box[3]].min)).then(move)
        end

        def declared(element)
          at = element.attributes
          own = {}
          at.each_attribute { |a| own[a.name] = a.value.strip if Style::INHERITED.key?(a.name) || Style::OWN.include?(a.name) }
          own.merge(@rules.for(element.name, at["id"], at["class"].to_s.split)).merge(StyleRules.declarations(at["style"]))
        end

        def check_style(element, style)
          note_beyond("clipping") if used?(style["clip-path"])
          note_beyond("masks") if used?(style["mask"])
          note_beyond("filters") if used?(style["filter"])
          note_beyond("blending") if used?(style["mix-blend-mode"]) && style["mix-blend-mode"] != "normal"
          note_beyond("markers") if %w[marker marker-start marker-mid marker-end].any? { |n| used?(style[n]) }
          note_beyond("see-through groups") if style.own_opacity < 1 && GROUPS.include?(element.name)
        end

        def used?(value) = value && value != "none"

        def add(element, style, map)
          return unless style.visible?
          path = @basic.path(element.name, element.attributes)
          @commands += path.commands.size
          Guard.refuse("This SVG holds more than #{MOST_COMMANDS} points.", "Simplify its paths.") if @commands > MOST_COMMANDS
          fill, stroke = paint(style, "fill"), paint(style, "stroke")
          note_beyond("dashed lines") if stroke && used?(style["stroke-dasharray"])
          note_beyond("stretched outlines") if stroke && !map.even?(1e-3)
          note_beyond("outlines that keep their width") if stroke && style["vector-effect"] == "non-scaling-stroke"
          @shapes << painted(path.transform(map), style, fill, stroke, map.mean_scale)
        end

        def paint(style, name)
          colour = style.paint(name)
          return colour unless colour == :unknown
          note_beyond(style[name].to_s.start_with?("url") ? "gradients or patterns" : "colours we cannot read")
          nil
        end

        def painted(path, style, fill, stroke, scale)
          Artwork::Painted.new(
            path: path, fill: fill&.first, fill_alpha: (fill ? fill.last * style.alpha("fill") : 1.0), even_odd: style["fill-rule"] == "evenodd",
            stroke: stroke&.first, stroke_alpha: (stroke ? stroke.last * style.alpha("stroke") : 1.0),
            stroke_width: @lengths.read(style["stroke-width"], :diagonal) * scale, cap: choice(style["stroke-linecap"], %i[butt round square]),
            join: choice(style["stroke-linejoin"], %i[miter round bevel]), miter: style["stroke-miterlimit"].to_f.clamp(1, 1000)
          )
        end

        def choice(word, options) = options.find { |o| o.to_s == word } || options.first

        def note_beyond(what) = (@beyond << what unless @beyond.include?(what))
      end
    end
  end
end
