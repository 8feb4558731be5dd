# frozen_string_literal: true

module UpClose
  class MarkRequest
    # The line a copy is cut out along, and how the mark would cover its piece.
    module OutlineAsked
      # mm and degrees
      COVER_FIGURES = {
        "edge_mm" => Covering::Cover::EDGES, "picture_mm" => 0.05..2000, "right_mm" => -2000..2000,
        "down_mm" => -2000..2000, "turn_deg" => -360..360, "overlap_mm" => 0..100
      }.freeze

      # as it is asked for, else from the middle and as large as covers all of it
      # @return [Covering::Cover]
      def cover
        @cover ||= begin
          asked = object("cover", ["seam", *COVER_FIGURES.keys])
          figures = COVER_FIGURES.to_h { |key, range| [key, number_of(asked, key, range)] }
          place = {x_mm: figures.delete("right_mm"), y_mm: figures.delete("down_mm")}
          made = Covering::Cover.from_h(figures.merge(place)).with(seam: seam(asked["seam"] || "butt"))
          made.picture_mm ? made : made.with(picture_mm: least_picture_mm(made))
        end
      end

      # @return [Float] mm
      def least_picture_mm(cover) = cover.least_picture_mm(cover.region(shape), artwork_ink.aspect)

      # @return [Class] a Cutting::Line: as it is asked for, else along the ink
      def cut_line = Cutting::Lines.fetch(object("cut", CUT_KEYS)["line"] || "ink")

      # @return [Cutting::Cut]
      def cut = @cut ||= cut_line.new(cut_asked).call

      # @return [Hash{Symbol => Float}] as Cutting::Asked takes them
      def cut_figures
        asked = object("cut", CUT_KEYS)
        Cutting::Figures::ALL.to_h do |key, figure|
          value = asked.fetch(key.to_s) { (key == :around_mm) ? bare.setting.border_mm : figure.default }
          next [key, value.to_f] if value.is_a?(Numeric) && figure.range.cover?(value)
          refuse("“cut.#{key}” is #{value.inspect}.", "Give #{figure.range.begin} to #{figure.range.end}.", :cut)
        end
      end

      private

      CUT_KEYS = ["line", *Cutting::Figures::ALL.keys.map(&:to_s)].freeze

      def cut_asked
        Cutting::Asked.new(
          ink: artwork_ink, width_mm: width_mm, **cut_figures,
          region: -> { region_to_cut }, slits: cut_line.cover? ? shape.slits([cover.edge_mm, 0].max) : nil
        )
      end

      def region_to_cut
        cut_line.cover? ? cover.region(shape) : Cutting::InkRegions.inked(@artwork, width_mm: width_mm)
      end

      def object(key, known)
        given = @data[key] || {}
        refuse("“#{key}” is no object.", "Give #{known.join(", ")}.", key.to_sym) unless given.is_a?(Hash)
        unknown = given.keys - known
        refuse("“#{key}.#{unknown.first}” is not asked for.", "Use #{known.join(", ")}.", key.to_sym) if unknown.any?
        given
      end

      def seam(key)
        return key if Covering::Cover::SEAMS.key?(key)
        refuse("“cover.seam” is #{key.inspect}.", "Use #{Covering::Cover::SEAMS.keys.join(" or ")}.", :cover)
      end
    end
  end
end
