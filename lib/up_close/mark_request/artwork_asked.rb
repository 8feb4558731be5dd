# frozen_string_literal: true

module UpClose
  class MarkRequest
    # The artwork at its size, and where it lies.
    module ArtworkAsked
      # the artwork at its size, as its checks look at it
      # @return [Artwork::CheckContext]
      def subject
        @subject ||= Artwork::CheckContext.new(
          artwork: @artwork,
          width_mm: width_mm,
          limits: Methods::Limits.for(method: transfer_method, printer: printer, purpose: purpose),
          film: stock.white? ? :white : :clear,
          surface: colour,
          border_mm: bare.setting.border_mm,
          lettering: lettering,
          white_film: transfer_method.stocks.any?(&:white?),
          inked: transfer_method.inked? && purpose.inked?,
          purpose: purpose.key.to_sym, printer: printer.to_sym, kind: Artwork::Kind.read(@data["kind"]),
          show_through: show_through&.key
        )
      end

      # what its checks find that methods are judged and times worked out by
      # @return [PlannedMark::Found]
      def found
        PlannedMark::Found.new(
          width_mm: width_mm, finest_mm: subject.finest_mm,
          mostly_over_mm: subject.mostly_over_mm, line_mm: subject.lines.length_mm, coverage: subject.solids.laid,
          tones: subject.kind.toned?, palette: subject.palette
        )
      end

      private

      def artwork_ink = @artwork.ink

      def width_mm = @width_mm ||= number("width_mm", 0.05..2000, nil)

      def height_mm = width_mm * artwork_ink.aspect

      def placement
        given = @data["at"] || {}
        refuse("“at” is no object.", "Give right_mm, down_mm and turn_deg.", :at) unless given.is_a?(Hash)
        x, y, turn = %w[right_mm down_mm turn_deg].map { |key| given.fetch(key, 0) }
        unless [x, y, turn].all? { |value| value.is_a?(Numeric) && value.between?(-2000, 2000) }
          refuse("“at” holds what is no number.", "Give right_mm, down_mm and turn_deg as numbers.", :at)
        end
        Placing::Placement.new(width_mm: width_mm, x_mm: x, y_mm: y, turn_deg: turn)
      end

      def lettering
        return unless @letters
        cap = width_mm / artwork_ink.box.width
        {cap_mm: cap, x_mm: cap * @letters[:x_height_ratio], small: @letters[:text].match?(/\p{Ll}/)}
      end
    end
  end
end
