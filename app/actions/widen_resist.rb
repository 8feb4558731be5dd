# frozen_string_literal: true

module Actions
  # Widens a resist by what the bath takes at each edge, so that its lines stand as wide as they were drawn.
  module WidenResist
    module_function

    # @return [UpClose::Error, nil] the refusal
    def call(mark)
      side = MarkEtching.new(mark).undercut.side_mm
      others = mark.recipe.reject { |step| step["key"] == "thicken" }
      refusal = PrepareArtwork.call(mark, others + [{"key" => "thicken", "on" => true, "by_mm" => side.round(4)}])
      Actions::LookAtArtwork.once(mark.reload) unless refusal
      refusal
    end
  end
end
