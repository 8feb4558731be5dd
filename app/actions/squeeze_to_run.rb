# frozen_string_literal: true

module Actions
  # Makes a mark exactly as wide as the unit that steps a run, its height kept, and prints as many as the run takes.
  module SqueezeToRun
    MOST = 0.2

    module_function

    # @param strip [UpClose::Templates::Stepping]
    # @return [UpClose::Error, nil] the refusal
    def call(mark, strip)
      return no_size(mark) unless mark.width_mm
      done, others = mark.recipe.partition { |step| step["key"] == "squeeze" }
      bare = mark.width_mm * 100 / (done.first&.fetch("across", nil) || 100)
      share = strip.unit_mm / bare
      return too_far(bare, strip.unit_mm) unless (share - 1).abs <= MOST
      refusal = PrepareArtwork.call(mark, [*others, {"key" => "squeeze", "on" => true, "across" => share * 100}])
      return refusal if refusal
      mark.change(copies: strip.count)
      nil
    end

    def no_size(mark)
      UpClose::Error.new(
        "“#{mark.title}” has no size yet.", remedy: "Place it about as wide as the unit first.", field: :wanted
      )
    end

    def too_far(bare, unit)
      UpClose::Error.new(
        "The mark is #{UpClose::Working.number(bare)} mm wide and the unit #{UpClose::Working.number(unit)}: too far " \
        "to squeeze.", remedy: "Make the mark about as wide as the unit first.", field: :wanted
      )
    end
  end
end
