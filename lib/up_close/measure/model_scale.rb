# frozen_string_literal: true

module UpClose
  module Measure
    # A model's scale: one to so many. Frozen.
    class ModelScale
      COMMON = [
        1, 4, 6, 8, 10, 12, 16, 18, 20, 22.5, 24, 25, 32, 35, 43, 48, 50, 56, 64, 72, 76, 87, 96, 100, 120, 128, 144,
        148, 150, 160, 192, 200, 220, 250, 300, 350, 400, 500, 700, 1000
      ].freeze
      attr_reader :ratio

      # @param text [String] "1:48", "1/48" or "48"
      # @raise [Errors::BadShape]
      def self.read(text)
        bare = text.to_s.strip.tr(",", ".").sub(%r{\A1\s*[:/]\s*}, "")
        ratio = Float(bare, exception: false)
        return new(ratio) if ratio&.finite? && ratio.between?(0.01, 100_000)
        raise Errors::BadShape.new(
          "“#{text.to_s[0, 20]}” is not a scale we can read.",
          remedy: "Type it as 1:48.",
          field: :ratio
        )
      end

      def initialize(ratio)
        @ratio = ratio.to_f
        freeze
      end

      # @param real_mm [Float]
      def model(real_mm) = real_mm / ratio

      # @param model_mm [Numeric]  @return [Float] mm in reality
      def real(model_mm) = model_mm * ratio

      # what a width on the model is on the real thing
      # @param width_mm [Float]  @param writer [LengthWriter]
      # @return [Finding]
      def finding(width_mm, writer)
        Finding.note(
          :real, "Size on the real thing, at #{self}",
          figure: writer.with_unit(real(width_mm)), value: real(width_mm), unit: "mm",
          working: Working
            .new("#{Working.number(width_mm)} × #{Working.number(ratio)} = #{Working.number(real(width_mm))} mm wide")
        )
      end

      def to_s = "1:#{Working.number(ratio)}"
    end
  end
end
