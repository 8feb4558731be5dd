# frozen_string_literal: true

module UpClose
  module Artwork
    # What a large picture comes to at first sight, before all of it is looked at: on few of its pixels, and by those
    # checks that turn on areas and colours alone. How fine anything is cannot be told so.
    class FirstLook
      # of a picture: fewer are looked at whole as soon; and so many tell areas and colours
      LARGE_PIXELS = 4_000_000
      FEW_PIXELS = 300_000.0

      # Few of a picture's pixels: +picture+ a Picture, +shrunk+ how many of its pixels one stands for, across.
      Few = Struct.new(:picture, :shrunk)

      # @param artwork [Drawing, Picture]
      # @return [Few, nil] nil where all of it is looked at as soon
      def self.few(artwork)
        return if artwork.vector? || artwork.image.width * artwork.image.height < LARGE_PIXELS
        shrunk = Math.sqrt(artwork.image.width * artwork.image.height / FEW_PIXELS).ceil
        Few.new(Picture.made(artwork.image.shrink(shrunk, shrunk)), shrunk)
      end

      # @param few [Few]  @param recipe [Recipe] done to it, which draws nothing fine
      # @param bench [Hash] per_mm, shape, colour and framed, as Recipe#call takes them for the whole picture
      # @param about [Hash] as CheckContext takes it, the artwork left out
      def initialize(few, recipe:, bench:, about:)
        @few, @recipe, @bench, @about = few, recipe, bench, about
      end

      # @return [Array<Finding>]
      def findings
        made = prepared
        per_mm = made.ink.box.width / @about[:width_mm]
        Checks.findings(CheckContext.new(artwork: made, per_mm: per_mm, **@about), among: Checks.coarse)
      end

      private

      def prepared
        return @few.picture if @recipe.empty?
        @recipe.call(@few.picture, **@bench, per_mm: @bench[:per_mm] / @few.shrunk, enlarge: false).artwork
      end
    end
  end
end
