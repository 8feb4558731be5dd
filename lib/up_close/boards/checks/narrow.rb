# frozen_string_literal: true

module UpClose
  module Boards
    module Checks
      # What the checks of tracks and of gaps have in common: the narrowest place of a side against what the method
      # keeps, and all places that have little to spare.
      class Narrow
        # @param context [CheckContext]  @param side [String]  @param key [String] "track" or "gap"
        # @param places [Array<Geometry::Algorithms::FacingEdges::Place>] the narrowest first  @param limit [Float] mm
        # @param etched [Float] what the etch adds to a width, mm: below 0 for copper
        # @param keeps [String] what the method does, before its limit  @param remedy [String]
        def initialize(context, side, key:, places:, limit:, etched:, keeps:, remedy:)
          @context, @side, @key, @places, @limit = context, side, key, places, limit
          @etched, @keeps, @remedy = etched, keeps, remedy
        end

        # @return [Finding]
        def finding
          return Finding.fine(name, title, figure: "over #{n(Board::NEAR_MM)} mm") unless width
          Finding.new(
            key: name, title: title, verdict: verdict, figure: "#{n(width)} mm", value: width, unit: "mm",
            limit: @limit, working: working, reason: "#{after}#{@keeps} #{n(@limit)} mm (#{CheckContext::STARTING}).",
            remedy: (@remedy unless verdict == :fine), places: close
          )
        end

        private

        def name = :"#{@key}_#{@side}"

        def title = "Narrowest #{@key}#{@context.named(@side)}"

        def width = @places.first&.mm

        def left = width + @etched

        def verdict = (left <= 0) ? :stop : @context.verdict(width, @limit)

        def close = @places.select { |place| place.mm < @limit * CheckContext::SPARE }.first(MOST_PLACES).map(&:box)

        def after
          return unless @context.undercut
          (left > 0) ? "After the etch #{n(left)} mm. " : "The bath eats through it. "
        end

        def working
          return unless @context.undercut
          Working.new(
            "#{n(width)} #{@etched.negative? ? "−" : "+"} 2 × #{n(@context.side_mm, 4)} = #{n(left)} mm",
            source: @context.undercut.working.source
          )
        end

        def n(value, places = 3) = Working.number(value, places)
      end
    end
  end
end
