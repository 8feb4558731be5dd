# frozen_string_literal: true

module UpClose
  module Formats
    module SVG
      # Reads the colours a drawing names.
      module Colours
        module_function

        # @param text [String] a CSS colour
        # @return [Array(Colour, Float), nil, :unknown] colour and alpha; nil for none
        def read(text, current: "black")
          word = text.to_s.strip.downcase
          case word
          when "none", "transparent" then nil
          when "currentcolor" then read(current, current: "black")
          when /\A#(\h{3}|\h{4}|\h{6}|\h{8})\z/ then hex(word.delete_prefix("#"))
          when /\Argba?\((.*)\)\z/ then rgb($1)
          when /\Ahsla?\((.*)\)\z/ then hsl($1)
          else named(word)
          end
        end

        # @param word [String]  @return [Array(Colour, Float), :unknown]
        def named(word)
          digits = ColourNames::TABLE[word]
          digits ? hex(digits) : :unknown
        end

        # @param digits [String] 3, 4, 6 or 8 of them  @return [Array(Colour, Float)] with its alpha
        def hex(digits)
          digits = digits.chars.map { |c| c * 2 }.join if digits.length < 6
          values = digits.scan(/../).map { |pair| pair.to_i(16) }
          [Colour.new(*values.first(3)), (values[3] || 255) / 255.0]
        end

        # @param body [String] what stands in the brackets  @return [Array(Colour, Float), :unknown]
        def rgb(body)
          parts = parts(body)
          return :unknown unless parts.size.between?(3, 4)
          channels = parts.first(3).map { |p| p.end_with?("%") ? p.to_f * 255 / 100 : p.to_f }
          [Colour.new(*channels), alpha(parts[3])]
        end

        # CSS Color Level 4, 7.1
        def hsl(body)
          parts = parts(body)
          return :unknown unless parts.size.between?(3, 4)
          hue, saturation, light = parts[0].to_f % 360, parts[1].to_f / 100, parts[2].to_f / 100
          reach = saturation * [light, 1 - light].min
          channels = [0, 8, 4].map do |n|
            k = (n + hue / 30) % 12
            255 * (light - reach * [[k - 3, 9 - k, 1].min, -1].max)
          end
          [Colour.new(*channels), alpha(parts[3])]
        end

        # @param body [String]  @return [Array<String>]
        def parts(body) = body.strip.split(%r{[\s,/]+})

        # @param text [String, nil]  @return [Float] 0..1
        def alpha(text)
          return 1.0 unless text
          (text.end_with?("%") ? text.to_f / 100 : text.to_f).clamp(0.0, 1.0)
        end
      end
    end
  end
end
