# frozen_string_literal: true

module UpClose
  module Methods
    # Which side of a board a resist is for: its file may be turned already (handbook, “Reading direction”).
    module BoardLayer
      OPTIONS = {
        top: ["its top layer, or no board", "its file is drawn as you see it"],
        bottom: ["its bottom layer", "its file is drawn as seen through the board, so it is already mirrored once"]
      }.freeze

      # @param method [Class] a Definition
      def self.declare(method)
        method.choice :layer, "For a board", OPTIONS, fact: true
        method.passage "Drawn looking through the board", turned: true, only: {layer: :bottom}
      end
    end
  end
end
