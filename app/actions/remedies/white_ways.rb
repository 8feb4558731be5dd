# frozen_string_literal: true

module Actions
  module Remedies
    # Dark letters that vanish on a dark piece, in white instead.
    module WhiteWays
      module_function

      # @return [Array<Change>]
      def call(mark, _stop)
        return [] unless mark.artwork && mark.white.wanted?
        (UpClose::Artwork::WaysWithWhite.for_ink - [mark.white.way]).map do |way|
          Change.new("white:#{way.key}", "In white: #{way.title.downcase}", ->(m) { TakeWhiteWay.set(m, way) })
        end
      end
    end
  end
end
