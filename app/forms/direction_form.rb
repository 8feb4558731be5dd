# frozen_string_literal: true

module Forms
  # Which way the grain, a seam or the handle lies: by two places on the piece, or in degrees.
  class DirectionForm < Base
    KINDS = {"grain" => "grain", "seam" => "seam", "handle" => "handle's side"}.freeze
    # two clicks nearer than this say no direction, mm
    LEAST_MM = 1.0

    # @return [Hash] as the piece keeps it
    def kept = {"kind" => KINDS.fetch(values[:kind]), "deg" => values[:deg]}

    private

    def read
      choice(:kind, KINDS.keys, fallback: "grain")
      places = %w[x1 y1 x2 y2].map { |name| Float(typed(name).to_s, exception: false) }
      return by_clicks(places) if places.all?
      angle(:deg)
    end

    def by_clicks((x1, y1, x2, y2))
      if Math.hypot(x2 - x1, y2 - y1) < LEAST_MM
        return errors[:deg] = "Click two places further apart: these say no direction."
      end
      values[:deg] = (Math.atan2(y2 - y1, x2 - x1) * 180 / Math::PI).round(2)
    end
  end
end
