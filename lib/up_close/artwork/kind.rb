# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # What kind of artwork it is, and so what its checks ask: told from the paints of a drawing, from the tones of a
    # picture (ContinuousTone). A maker's word stands before it. Frozen.
    class Kind
      KINDS = {
        lines: "line work", flat: "flat colour", photograph: "photograph", mixed: "mixed"
      }.freeze
      # a change of what tells it makes it be told anew
      VERSION = 1
      # share of what is inked under which tone is damage; over which on a pale ground, and on none, all of it is a
      # photograph: starting values
      LITTLE = 0.03
      MOST = 0.75
      FULL = 0.08

      class << self
        # @param artwork [Drawing, Picture]
        # @param asked [Symbol, String, nil] what its maker says it is
        # @return [Kind]
        def of(artwork, asked = nil)
          told = artwork.kept([:kind, VERSION]) { artwork.vector? ? of_paints(artwork) : of_tones(artwork.image) }
          asked ? told.as(asked.to_sym) : told
        end

        # @param key [String, nil] what somebody says it is  @return [Symbol, nil]
        # @raise [Errors::Unknown]
        def read(key)
          return if key.nil?
          KINDS.keys.find { |kind| kind.to_s == key.to_s } ||
            raise(Errors::Unknown.new(
              "There is no kind of artwork “#{key}”.", remedy: "Use one of: #{KINDS.keys.join(", ")}.", field: :kind
            ))
        end

        private

        # one colour is line work, several are flat colour
        def of_paints(drawing)
          new(of_even(drawing.shapes.flat_map { |shape| shape.paints.map(&:first) }.reject(&:white?).uniq.size))
        end

        def of_even(colours) = (colours > 1) ? :flat : :lines

        def of_tones(image)
          tone = ContinuousTone.new(image)
          region = tone.region.pngsave_buffer(compression: 6, strip: true) if tone.share.positive?
          new(key_of(tone), share: tone.share, region: region, palest: tone.palest, paper: tone.paper_tone)
        end

        def key_of(tone)
          return of_even(tone.colours) if tone.share < LITTLE
          if tone.share > (tone.on_ground? ? MOST : FULL)
            :photograph
          else
            :mixed
          end
        end
      end

      attr_reader :key, :share

      # @param key [Symbol] one of KINDS
      # @param share [Float] of what is inked that has continuous tone, 0..1
      # @param region [String, nil] where that lies in the picture: a small PNG, 0 or 255; nil where nowhere
      # @param palest [Float, nil] how darkly the palest of its even colours is printed, levels
      # @param paper [Float, nil] how dark scanned paper is, levels
      # @raise [ArgumentError]
      def initialize(key, share: 0.0, region: nil, palest: nil, paper: nil)
        raise ArgumentError, "no kind #{key.inspect}" unless KINDS.key?(key)
        @key, @share, @region, @palest, @paper = key, share, region, palest, paper
        freeze
      end

      # @param asked [Symbol]  @return [Kind] the same taken as another
      def as(asked) = Kind.new(asked, share: share, region: @region, palest: @palest, paper: @paper)

      def words = KINDS.fetch(key)

      # has greys or shades that are meant
      def toned? = %i[photograph mixed].include?(key)

      # has no lines of its own
      def photograph? = key == :photograph

      # how darkly the palest even colour is printed: an edge of it lies at half of that
      # @return [Float, nil] levels; nil where shades are meant
      def palest = toned? ? nil : @palest

      # how dark the paper is on which it was drawn: what is no darker is bare
      # @return [Float, nil] levels
      def paper = toned? ? nil : @paper

      # where no lines are looked for, as large as the picture
      # @return [Vips::Image, nil] a mask; nil where they are looked for everywhere
      def toned_region(width, height)
        return unless key == :mixed && @region
        mask = Vips::Image.new_from_buffer(@region, "")
        mask.resize(width / mask.width.to_f, vscale: height / mask.height.to_f, kernel: :nearest)
      end
    end
  end
end
