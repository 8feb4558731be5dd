# frozen_string_literal: true

module UpClose
  module Formats
    module PDF
      # What pdf-reader calls as it goes through a page (ISO 32000-1, 8): keeps
      # the paths that are painted, and names what is not a path. Weighed: pdf-reader gives operators and no paths,
      # poppler gives pixels; what else is kept only writes.
      class PageWalk
        include PageColours
        include PagePaths

        MOST_SHAPES = 50_000
        MOST_FORMS = 12
        CAPS = %i[butt round square].freeze
        JOINS = %i[miter round bevel].freeze
        # the graphics state, saved and brought back
        State = Struct.new(
          :map, :fill, :stroke, :fill_alpha, :stroke_alpha, :width, :cap, :join, :miter, :clip, :fill_space,
          :stroke_space
        )
        # what a clip may cut off before it counts, mm
        HAIR = 0.01

        attr_reader :shapes

        # @param map [Geometry::Transform] the page's space to millimetres
        # @param clip [Geometry::Box, nil] what is seen of it, mm  @param unit [Float] how many points a point is
        def initialize(map, clip: nil, unit: 1.0)
          @state = State.new(
            map, Colour::BLACK, Colour::BLACK, 1.0, 1.0, 1.0, :butt, :miter, 10.0, clip, :plain, :plain
          )
          @page_clip, @unit = clip, unit
          @saved, @shapes, @path, @beyond, @depth, @cut = [], [], [], {}, 0, false
        end

        def beyond = @beyond.keys

        # whether something lay beyond the page
        def cut? = @cut

        # names something that lines cannot hold
        def beyond!(what)
          @beyond[what] = true
          nil
        end

        # @param page [PDF::Reader::Page] given before its operators
        def page=(page)
          @page = @owner = page
        end

        def save_graphics_state = @saved << @state.dup

        def restore_graphics_state = @state = @saved.pop || @state

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def concatenate_matrix(a, b, c, d, e, f)
          @state.map = Geometry::Transform.new(a, b, c, d, e, f).then(@state.map)
        end

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_line_width(width) = @state.width = width.to_f

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_line_cap_style(style) = @state.cap = CAPS.fetch(style.to_i, :butt)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_line_join_style(style) = @state.join = JOINS.fetch(style.to_i, :miter)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_miter_limit(limit) = @state.miter = limit.to_f

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_line_dash(pattern, _phase = 0) = Array(pattern).any? { |v| v.to_f > 0 } && beyond!("dashed lines")

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_graphics_state_parameters(name)
          state = @page.objects.deref_hash(@owner.graphic_states[name]) || {}
          @state.fill_alpha = state[:ca].to_f if state[:ca]
          @state.stroke_alpha = state[:CA].to_f if state[:CA]
          beyond!("soft masks") if state[:SMask] && state[:SMask] != :None
          mode = Array(@page.objects.deref(state[:BM])).first
          beyond!("blending") if mode && !%i[Normal Compatible].include?(mode)
        end

        # a box that cuts nothing is common; other clips change what is seen
        def set_clipping_path_with_nonzero = clip

        def set_clipping_path_with_even_odd = clip

        # beyond lines
        def show_text(*) = beyond!("letters in fonts")

        def show_text_with_positioning(*) = beyond!("letters in fonts")

        def move_to_next_line_and_show_text(*) = beyond!("letters in fonts")

        def set_spacing_next_line_show_text(*) = beyond!("letters in fonts")

        def paint_area_with_shading_pattern(*) = beyond!("shadings")

        def begin_inline_image(*) = beyond!("pictures")

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def invoke_xobject(label)
          stream = @page.objects.deref_stream(@owner.xobjects[label])
          return beyond!("pictures") unless stream && stream.hash[:Subtype] == :Form
          return beyond!("forms within forms") if @depth >= MOST_FORMS
          if stream.hash[:Group] && [@state.fill_alpha, @state.stroke_alpha].min < 1
            return beyond!("see-through groups")
          end
          within(::PDF::Reader::FormXObject.new(@page, stream)) { |form| form.walk(self) }
        end

        private

        # a form is drawn as if by its own page: own names, own map, nothing outside its box (ISO 32000-1, 8.10)
        def within(form)
          owner, @owner, saved, @saved = @owner, form, @saved, []
          state = @state.dup
          @depth += 1
          matrix = @page.objects.deref_array(form.xobject.hash[:Matrix])
          concatenate_matrix(*matrix) if matrix&.size == 6
          clip_to_box(form)
          yield form
        ensure
          @depth -= 1
          @owner, @saved, @state = owner, saved, state
        end

        def clip_to_box(form)
          left, bottom, right, top = @page.objects.deref_array(form.xobject.hash[:BBox])
          return unless top
          append_rectangle(left, bottom, right - left, top - bottom)
          clip
          end_path
        end

        def clip
          corners = @path.flat_map { |_, *points| points }.map { |p| @state.map.apply(p) }
          return if corners.empty?
          box = Geometry::Box.around(corners)
          unless @path.none? { |verb, *| verb == :curve } && corners.all? { |p| corner?(p, box) }
            return beyond!("clipping")
          end
          @state.clip = @state.clip ? @state.clip.overlap(box) : box
        end

        def corner?(point, box)
          [point.x - box.x, point.x - box.right].map(&:abs).min < Tolerance::SLIGHT &&
            [point.y - box.y, point.y - box.bottom].map(&:abs).min < Tolerance::SLIGHT
        end

        # outside the clip it is not seen; across it, it is cut
        # @param shape [Graphics::Painted]
        def cut_away?(shape)
          return false unless @state.clip && !shape.path.empty?
          reach = [shape.reach, shape.exact_reach].find { |box| box.inside?(@state.clip, slack: HAIR) }
          return false if reach
          reach = shape.exact_reach
          @cut = true if @page_clip && !reach.inside?(@page_clip, slack: HAIR)
          return true unless @state.clip.overlaps?(reach)
          beyond!("clipping")
          false
        end

        def paint(fill: false, stroke: false, even_odd: false)
          path = Geometry::Path.new(@path).transform(@state.map)
          @path = []
          return beyond!("more than #{MOST_SHAPES} shapes") if @shapes.size >= MOST_SHAPES
          shape = painted(path, fill, stroke, even_odd)
          @shapes << shape unless cut_away?(shape)
        end

        # the thinnest line a printer can draw is asked for with no width
        def painted(path, fill, stroke, even_odd)
          s = @state
          Graphics::Painted.new(
            path: path,
            fill: fill ? s.fill : nil,
            fill_alpha: s.fill_alpha,
            even_odd: even_odd,
            stroke: stroke ? s.stroke : nil,
            stroke_alpha: s.stroke_alpha,
            stroke_width: [s.width * s.map.mean_scale, 0.05].max,
            cap: s.cap,
            join: s.join,
            miter: s.miter
          )
        end
      end
    end
  end
end
