# frozen_string_literal: true

module Presenters
  # The ways to make a mark's letters white, each as it would do on this mark.
  class WhiteWays
    # +told+ as Actions::TakeWhiteWay has it; +now+: it is done so by now. Frozen.
    Row = UpClose::Value.define(:way, :told, :now)

    # @param mark [Mark]
    def initialize(mark)
      @mark = mark
    end

    # @return [Boolean] whether white is wanted here
    def any? = @mark.white.wanted?

    # @return [Array<Row>] the most exact first
    def rows
      now = @mark.white.way
      UpClose::Artwork::WaysWithWhite.for_ink.map do |way|
        Row.new(way, Actions::TakeWhiteWay.told(@mark, way), way == now)
      end
    end
  end
end
