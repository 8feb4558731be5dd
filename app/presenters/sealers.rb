# frozen_string_literal: true

module Presenters
  # The finishes that a mark may get, judged by what lies on its piece.
  class Sealers
    # @param mark [Mark] with a method
    def initialize(mark)
      @mark = mark
    end

    # the one in use stands among the open ones, whatever is said of it
    # @return [Array(Array, Array)] pairs of a sealer and its finding: those to choose from, those refused
    def open_and_refused = judged.partition { |sealer, finding| !finding.stop? || sealer.key == @mark.sealer }

    private

    def judged
      about = {residue: @mark.setting.left, material: @mark.piece.material_core, uses: @mark.piece.uses}
      UpClose::Sealing.all.map { |sealer| [sealer, sealer.finding(**about)] }
    end
  end
end
