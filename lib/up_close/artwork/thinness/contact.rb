# frozen_string_literal: true

module UpClose
  module Artwork
    module Thinness
      # Where a thin part touches the body that an opening left: not at all (it
      # stands alone), in one place (a corner, a line's end, a stub), or in
      # several (a neck, a line between two bodies).
      class Contact
        MOST = 1500
        NEAR = 2

        # @param bytes [String] the body, 0 or 255 a pixel
        def initialize(bytes, width, height)
          @bytes, @width, @height = bytes, width, height
          @around = (-NEAR..NEAR).flat_map { |dy| (-NEAR..NEAR).map { |dx| dy * width + dx } } - [0]
        end

        # @param part [Regions::Part]
        # @return [Array(Integer, Float)] separate touches, 2 for
        #   several, and how far the part reaches from the first, px
        def of(part)
          touching = pixels(part)
          return [0, 0.0] if touching.empty?
          first = first_group(touching)
          [touching.empty? ? 1 : 2, reach(part, first)]
        end

        private

        # @return [Hash{Integer => true}] places in the body's bytes
        def pixels(part)
          places = {}
          part.runs.each do |y, from, to|
            along(y, from - 1, to, places)
            along(y - 1, from - 1, to, places)
            along(y + 1, from - 1, to, places)
            break if places.size > MOST
          end
          places
        end

        def along(y, from, to, places)
          return if y < 0 || y >= @height
          first = [from, 0].max
          row = @bytes.byteslice(y * @width + first, [to, @width - 1].min - first + 1)
          index = -1
          places[y * @width + first + index] = true while (index = row.index(Regions::SET, index + 1))
        end

        # takes one group out of +touching+; touches two pixels apart are still one
        def first_group(touching)
          group = [touching.shift.first]
          group.each { |pixel| @around.each { |step| group << pixel + step if touching.delete(pixel + step) } }
          group
        end

        # from the touch to the part's far end
        def reach(part, group)
          touches = thinned(group, 8).map { |pixel| [pixel % @width, pixel / @width] }
          thinned(part.runs, 24)
            .flat_map { |y, from, to| [[from, y], [to - 1, y]] }
            .map { |x, y| touches.map { |gx, gy| Math.hypot(x - gx, y - gy) }.min }
            .max
        end

        def thinned(list, most)
          (list.size <= most) ? list : (Array.new(most) { |i| list[i * list.size / most] } << list.last)
        end
      end
    end
  end
end
