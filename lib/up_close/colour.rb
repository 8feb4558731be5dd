# frozen_string_literal: true

module UpClose
  # An sRGB colour, 0..255 a channel. Frozen.
  class Colour
    attr_reader :red, :green, :blue

    # @param text [String] "#5b3a29" or "#abc"
    # @raise [Error]
    def self.hex(text)
      digits = text.to_s.strip.delete_prefix("#")
      digits = digits.chars.map { |c| c * 2 }.join if digits.length == 3
      unless digits.match?(/\A\h{6}\z/)
        raise Error.new(
          "“#{text.to_s[0, 20]}” is not a colour we can read.",
          remedy: "Pick one, or type it as #5b3a29.",
          field: :colour
        )
      end
      new(*digits.scan(/../).map { |pair| pair.to_i(16) })
    end

    def initialize(red, green, blue)
      @red, @green, @blue = [red, green, blue].map { |v| v.round.clamp(0, 255) }
      freeze
    end

    # @see Identity
    def identity = to_a

    BLACK = new(0, 0, 0)
    WHITE = new(255, 255, 255)
    # walnut, slate, a dark paint: L* below this (a starting value)
    DARK = 45

    def to_a = [red, green, blue]

    def to_hex = format("#%02x%02x%02x", *to_a)

    # a printer leaves nothing where the colour is as good as white
    def white? = to_a.min >= 250

    # dark marks are hard to see on it
    def dark? = lightness < DARK

    # CIE lightness L*, 0 (black) to 100 (white): IEC 61966-2-1 and CIE 15
    def lightness
      y = [0.2126, 0.7152, 0.0722].zip(reflectance).sum { |weight, v| weight * v }
      (y > 216.0 / 24389) ? 116 * Math.cbrt(y) - 16 : y * 24389.0 / 27
    end

    # CIE L*a*b* under D65, 2° (IEC 61966-2-1, CIE 15)
    # @return [Array(Float, Float, Float)]
    def lab
      r, g, b = reflectance
      x, y, z = [
        (0.4124564 * r + 0.3575761 * g + 0.1804375 * b) / 0.95047,
        0.2126729 * r + 0.7151522 * g + 0.0721750 * b,
        (0.0193339 * r + 0.1191920 * g + 0.9503041 * b) / 1.08883
      ].map do |v|
        (v > 216.0 / 24389) ? Math.cbrt(v) : (v * 24389.0 / 27 + 16) / 116
      end
      [116 * y - 16, 500 * (x - y), 200 * (y - z)]
    end

    # @param other [Colour]
    # @return [Float] ΔE₀₀
    def difference(other) = ColourDifference.call(lab, other.lab)

    # the plain name it comes nearest to
    # @return [String]
    def name = ColourNames.call(self)

    # the share of light sent back, 0..1 a channel, in linear light
    def reflectance = to_a.map { |v| linear(v / 255.0) }

    # @param shares [Array<Float>] linear light, 0..1 a channel
    def self.reflecting(shares)
      new(*shares.map { |v| 255 * ((v <= 0.0031308) ? 12.92 * v : 1.055 * v**(1 / 2.4) - 0.055) })
    end

    # @param other [Object]  @return [Boolean] of one kind, with the same values
    def ==(other) = other.is_a?(Colour) && to_a == other.to_a
    alias_method :eql?, :==
    def hash = to_a.hash

    def inspect = "#<Colour #{to_hex}>"

    private

    def linear(v) = (v <= 0.04045) ? v / 12.92 : ((v + 0.055) / 1.055)**2.4
  end
end
