# frozen_string_literal: true

module UpClose
  module Artwork
    # How a lettering is set, lengths as shares of its cap height. Frozen.
    class Setting
      SIDES = {
        "straight" => "in a line",
        "outside" => "on an arc, letters outside",
        "inside" => "on an arc, letters inside"
      }.freeze
      attr_reader :spacing, :side, :radius, :outline, :slant, :stretch

      # @param spacing [Float] added between letters; negative draws them together
      # @param side [String] a key of SIDES  @param radius [Float] of the arc's base line
      # @param outline [Float] stroke of hollow letters; 0 for solid ones
      # @param slant [Float] degrees to the right  @param stretch [Float] width ÷ the face's own
      # @raise [Errors::BadArtwork]
      def initialize(spacing: 0.0, side: "straight", radius: 0.0, outline: 0.0, slant: 0.0, stretch: 1.0)
        @spacing, @side, @radius, @outline =
          spacing.to_f, SIDES.key?(side) ? side : "straight", radius.to_f, outline.to_f
        @slant, @stretch = slant.to_f, stretch.to_f
        check
        freeze
      end

      # @param hash [Hash] as kept with an artwork  @return [Setting]
      def self.from_h(hash)
        new(**hash.to_h.transform_keys(&:to_sym).slice(:spacing, :side, :radius, :outline, :slant, :stretch))
      end

      # slant and stretch only where there is any: what was kept before them reads as it did
      # @see Identity
      def identity = to_h

      def to_h
        plain = {"spacing" => spacing, "side" => side, "radius" => radius, "outline" => outline}
        plain["slant"] = slant unless slant.zero?
        plain["stretch"] = stretch unless stretch == 1
        plain
      end

      # each letter is slanted about its foot before it is set
      # @return [Geometry::Transform]
      def letter = Geometry::Transform.new(1, 0, -Math.tan(slant * Math::PI / 180), 1, 0, 0)

      def arc? = side != "straight"

      def hollow? = outline.positive?

      private

      def check
        if arc? && radius < 1
          refuse("An arc needs a radius larger than the letters.", "Give a radius, such as that of the piece.", :radius)
        end
        if spacing < -0.5
          refuse("With this spacing the letters lie on each other.", "Give less.", :spacing)
        end
        if spacing > 10
          refuse(
            "With this spacing the word cannot be read.",
            "Give less.",
            :spacing
          )
        end
        unless slant.abs <= 45 && stretch.between?(0.3, 3)
          refuse("Letters are slanted by 45° and stretched threefold at most.", "Give less.", :slant)
        end
        if outline.negative? || outline > 0.5
          refuse("This outline is thicker than the letters.", "Give less.", :outline)
        end
      end

      def refuse(reason, remedy, field) = raise(Errors::BadArtwork.new(reason, remedy: remedy, field: field))

      PLAIN = new
    end
  end
end
