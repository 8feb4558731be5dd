# frozen_string_literal: true

module Actions
  # Moves a mark up or down in the order in which a piece's marks are applied.
  module OrderLayers
    module_function

    # @param mark [Mark, nil]  @param way [String] "up" (later, over) or "down" (sooner, below)
    def call(piece, mark, way)
      list = PieceLayers.new(piece, flank: mark&.flank).marks
      from = list.index(mark) or return
      to = from + ((way == "up") ? 1 : -1)
      return unless to.between?(0, list.size - 1)
      list[from], list[to] = list[to], list[from]
      ApplicationRecord.change { list.each_with_index { |mark, i| mark.change(layer: i + 1) } }
    end
  end
end
