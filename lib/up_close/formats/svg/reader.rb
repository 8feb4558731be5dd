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
        include ShapesKept
        include RootView
        include NestedViews
        include SourceTree
        include BeyondPaths

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
        SOFT = "It holds a blur or a shadow, so it is drawn with #{RenderedPage::SQUARE_PX} pixels along its longer " \
          "side: sharp edges are a little soft in a large print."
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
          @notes << SOFT if @beyond.include?("filters")
          Graphics::Drawn.new(@shapes, mm_per_unit: @mm_per_unit, notes: @notes)
        end

        # the page that it is drawn on, for a renderer
        # @return [RenderedPage]
        def page
          RenderedPage.new(
            @text,
            edged? ? @root_view.room : nil,
            beyond: (@shapes.map(&:reach).reduce(:union) if @take_all || !edged?),
            letters: @beyond.include?(BEYOND["text"]),
            filters: @beyond.include?("filters")
          )
        end

        # @return [Float, nil] millimetres that a px comes to, when the file gives its size
        attr_reader :mm_per_unit

        private

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

        def declared(element)
          attributes = element.attributes
          own = {}
          attributes.each_attribute do |a|
            own[a.name] = a.value.strip if Style::INHERITED.key?(a.name) || Style::OWN.include?(a.name)
          end
          rules, strong_rules = @rules.for(element.name, attributes["id"], attributes["class"].to_s.split)
          style, strong_style = StyleRules.declarations(attributes["style"])
          [own, rules, style, strong_rules, strong_style].reduce(:merge)
        end
      end
    end
  end
end
