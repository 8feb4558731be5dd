# frozen_string_literal: true

module Forms
  # Repeats of a mark: round the middle or along a line, so many or as near as may be to a distance.
  class RepeatsForm < Base
    # @param mark [Mark]
    def initialize(typed, mark:, unit: "mm")
      @mark = mark
      super(typed, unit: unit)
    end

    # @return [UpClose::Placing::Repeats, nil]
    attr_reader :repeats

    private

    def read
      choice(:kind, UpClose::Placing::Repeats::KINDS.keys)
      return if errors.any?
      read_run unless values[:kind] == "once"
      if errors.empty?
        @repeats = UpClose::Placing::Repeats.new(**values.slice(:kind, :count, :ends, :wanted_mm), run_mm: values[:run])
      end
    rescue UpClose::Error => error
      refuse(error, :count)
    end

    def read_run
      choice(:ends, UpClose::Placing::Repeats::ENDS.keys, fallback: "half")
      length(:run) if values[:kind] == "along"
      if values[:kind] == "round" && @mark.placement.centre.length < 0.5
        return errors[:kind] = "It lies in the middle: move it out to where the first one belongs."
      end
      read_count if errors.empty?
    end

    # a number, or a wanted distance that whole repeats come nearest to
    def read_count
      return count(:count, 2..UpClose::Placing::Repeats::MOST, "How many") if typed(:wanted).to_s.strip.empty?
      length(:wanted)
      wanted = values.delete(:wanted) or return
      run, ends = (values[:kind] == "along") ? [
        values[:run],
        values[:ends]
      ] : [2 * Math::PI * @mark.placement.centre.length, "half"]
      values.merge!(
        wanted_mm: wanted,
        count: UpClose::Placing::Repeats.nearest(run, wanted, ends: ends).clamp(2, UpClose::Placing::Repeats::MOST)
      )
    end
  end
end
