# frozen_string_literal: true

module Presenters
  # Where the middles of all repeats lie, each by its number, from what can be seen on the piece.
  class MiddlesOfRepeats
    # of more than this the first ones are told, and the last
    MOST, FIRST = 12, 3

    # @param mark [Mark]  @param placement [UpClose::Placing::Placement] of all of them
    # @param writer [UpClose::Measure::LengthWriter]
    def initialize(mark, placement, writer)
      @mark, @placement, @writer = mark, placement, writer
    end

    # "1: 52.5 from the left edge, 30.0 from the upper edge; 2: 157.5 …"
    # @return [String, nil] nil for one
    def words
      return if @placement.nil? || @mark.repeats_core.once?
      all = @mark.repeats_core.placements(@placement).map.with_index(1) { |place, i| "#{i}: #{told(place)}" }
      ((all.size > MOST) ? [*all.first(FIRST), "…", all.last] : all).join("; ")
    end

    private

    def told(place)
      @mark.shape_core.bearings(place.centre).values
        .map { |bearing| "#{@writer.with_unit(bearing.distance_mm)} from the #{bearing.from_words}" }.join(", ")
    end
  end
end
