# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # What is to be laid: an outline with its holes, so many times. Frozen.
      class Part
        MOST_COPIES = 2000
        MOST_POINTS = 5000
        attr_reader :id, :count, :outline, :holes, :turns

        # @param outline [Array<Array(Numeric, Numeric)>] mm, about its own origin
        # @param turns [Array<Numeric>] degrees it may be turned by, from x towards y
        # @raise [Errors::BadShape]
        def initialize(id:, outline:, count: 1, holes: [], turns: [0])
          @id, @count, @outline, @holes, @turns = id.to_s, count, outline, holes, turns
          check
          freeze
        end

        # @param ring [Object]  @return [Boolean] whether it is a list of pairs of figures
        def self.corners?(ring)
          ring.is_a?(Array) && ring.all? do |place|
            place.is_a?(Array) && place.size == 2 && place.all? { |v| v.is_a?(Numeric) && v.abs < MOST_MM }
          end
        end

        MOST_MM = 1e5

        def region = Geometry::Region.polygon(outline, holes)

        def area = region.area

        private

        def turns? = turns.is_a?(Array) && turns.all? { |turn| turn.is_a?(Numeric) && turn.abs <= 360 }

        def check
          unless count.is_a?(Integer) && count.between?(1, MOST_COPIES)
            refuse("is to be laid #{count.inspect} times", "Ask for 1 to #{MOST_COPIES}.")
          end
          unless holes.is_a?(Array) && turns?
            refuse("has holes or turns that are no list", "Give holes as outlines, turns_deg as degrees.")
          end
          unless [outline, *holes].all? { |ring| ring.is_a?(Array) && ring.size.between?(3, MOST_POINTS) }
            refuse("has an outline of #{outline.size} corners", "From 3 to #{MOST_POINTS} are read.")
          end
          unless [outline, *holes].all? { |ring| Part.corners?(ring) }
            refuse("has corners that are no pairs of figures", "Give each as [x, y] in millimetres.")
          end
          unless region.valid? && region.area > Tolerance::SLIGHT
            refuse("crosses itself, or has no area", "Draw its outline as one loop.")
          end
        end

        def refuse(reason, remedy)
          raise(Errors::BadShape.new("The part #{id} #{reason}.", remedy: remedy, field: :parts))
        end
      end
    end
  end
end
