# frozen_string_literal: true

module UpClose
  module Formats
    module PDF
      # The colour operators of a page (ISO 32000-1, 8.6.8): part of PageWalk, which holds the graphics state.
      module PageColours
        # Spaces that a plain reading holds: grey, RGB, CMYK, and profiles of so many parts. Of any other
        # (spot inks, Lab, indexed) only the renderer knows the colour.
        PLAIN = %i[DeviceGray G DeviceRGB RGB DeviceCMYK CMYK CalGray CalRGB].freeze

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_nonstroke_color_space(name) = (@state.fill_space, @state.fill = space(name), Colour::BLACK)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_stroke_color_space(name) = (@state.stroke_space, @state.stroke = space(name), Colour::BLACK)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_gray_for_nonstroking(grey) = fill_plain([grey])

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_gray_for_stroking(grey) = stroke_plain([grey])

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_rgb_color_for_nonstroking(*v) = fill_plain(v)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_rgb_color_for_stroking(*v) = stroke_plain(v)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_cmyk_color_for_nonstroking(*v) = fill_plain(v)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_cmyk_color_for_stroking(*v) = stroke_plain(v)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_color_for_nonstroking(*v) = @state.fill = in_space(v, @state.fill_space)

        # a page's operator, called by the walk (PDF 32000-1, 8)
        def set_color_for_stroking(*v) = @state.stroke = in_space(v, @state.stroke_space)

        alias_method :set_color_for_nonstroking_and_special, :set_color_for_nonstroking

        alias_method :set_color_for_stroking_and_special, :set_color_for_stroking

        private

        def fill_plain(values)
          @state.fill_space, @state.fill = :plain, rgb(values)
        end

        def stroke_plain(values)
          @state.stroke_space, @state.stroke = :plain, rgb(values)
        end

        # @return [Symbol] :plain, or :other
        def space(name)
          return :plain if PLAIN.include?(name)
          space = @page.objects.deref(@owner.color_spaces[name])
          kind = space.is_a?(Array) ? @page.objects.deref(space.first) : space
          return :plain if PLAIN.include?(kind)
          (kind == :ICCBased) ? :plain : :other
        end

        def in_space(values, space)
          return beyond!("patterns") || Colour::BLACK if values.any? { |v| !v.is_a?(Numeric) }
          return beyond!("spot or other special colours") || Colour::BLACK unless space == :plain
          rgb(values)
        end

        def rgb(values)
          values = values.grep(Numeric).map { |v| v.to_f.clamp(0, 1) }
          case values.size
          when 1 then Colour.new(*[values[0] * 255] * 3)
          when 3 then Colour.new(*values.map { |v| v * 255 })
          when 4 then ProcessInk.colour(*values)
          else Colour::BLACK
          end
        end
      end
    end
  end
end
