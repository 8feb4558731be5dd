# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # A ground that is nearly white prints as a box round the picture.
      module Ground
        module_function

        def call(subject)
          colour = subject.whites.border_colour
          return clear unless colour
          off = (255 - colour.to_a.min) / 255.0 * 100
          near = subject.whites.nearly_white?
          Finding.new(key: :ground, title: "Ground", verdict: near ? :stop : :fine, figure: if near
                                                                                              colour.to_hex
                                                                                            else
                                                                                              (colour.white? ? "white" : colour.to_hex)
                                                                                            end, value: off, unit: "%", limit: 12,
            working: Working.new("commonest colour of the border #{colour.to_hex}: (255 − #{colour.to_a.min}) ÷ 255 = #{Working.number(off, 1)} % off white; over 0 and up to 12 prints as a box"),
            reason: reason(near, colour), remedy: near ? "Clear the ground, a step of preparing." : nil)
        end

        def clear
          Finding.new(key: :ground, title: "Ground", verdict: :fine, figure: "clear", value: 0.0, unit: "%", limit: 12,
            working: Working.new("the border is clear, or of no one colour"), reason: "No box will show round it.")
        end

        def reason(near, colour)
          return "It is nearly but not quite white: it prints as a visible box round the picture." if near
          (colour.to_a == [255, 255, 255]) ? "Pure white: nothing is printed there." : "A ground of its own colour, far from white: it is taken as meant."
        end
      end
    end
  end
end
