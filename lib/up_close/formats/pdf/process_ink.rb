# frozen_string_literal: true

module UpClose
  module Formats
    module PDF
      # What four process inks look like: each of the sixteen ways in which they lie over one another
      # has its colour, and they share the paper as their dots would by chance (H. Neugebauer, 1937).
      module ProcessInk
        # red, green and blue of each overprint, 0..1, in the order of the bits cyan, magenta, yellow, black:
        # a coated offset print, as open PDF renderers have it
        OVERPRINTS = [
          [1, 1, 1], [0.1373, 0.1216, 0.1255], [1, 0.9490, 0], [0.1098, 0.1020, 0],
          [0.9255, 0, 0.5490], [0.1412, 0, 0], [0.9294, 0.1098, 0.1412], [0.1333, 0, 0],
          [0, 0.6784, 0.9373], [0, 0.0588, 0.1412], [0, 0.6510, 0.3137], [0, 0.0745, 0],
          [0.1804, 0.1922, 0.5725], [0, 0, 0.0078], [0.2118, 0.2119, 0.2235], [0, 0, 0]
        ].freeze

        module_function

        # @param inks [Array<Float>] cyan, magenta, yellow, black, 0..1
        # @return [Colour]
        def colour(*inks)
          channels = OVERPRINTS.each_with_index.reduce([0.0, 0.0, 0.0]) do |sum, (overprint, bits)|
            share = inks.each_with_index.reduce(1.0) do |product, (ink, i)|
              product * (bits[3 - i].zero? ? 1 - ink : ink)
            end
            sum.zip(overprint).map { |total, part| total + share * part }
          end
          Colour.new(*channels.map { |channel| channel.clamp(0, 1) * 255 })
        end
      end
    end
  end
end
