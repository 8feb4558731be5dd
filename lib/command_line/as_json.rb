# frozen_string_literal: true

module CommandLine
  # Figures of the core as verbs print them.
  module AsJson
    module_function

    # @param finding [UpClose::Finding]
    # @return [Hash]
    def finding(finding)
      {
        check: finding.key,
        figure: finding.value&.to_f&.round(4),
        unit: finding.unit,
        limit: finding.limit,
        verdict: (finding.verdict == :note) ? :fine : finding.verdict,
        title: finding.title,
        working: finding.working&.to_s,
        reason: finding.reason,
        remedy: finding.remedy,
        places_mm: finding.places.map { |b|
          {x_mm: b.x, y_mm: b.y, width_mm: b.width, height_mm: b.height}.transform_values { |v| v.round(3) }
        }
      }
    end

    # @param step [UpClose::Methods::Step]  @param setting [UpClose::Methods::MethodChoice]
    def step(step, setting)
      {
        key: step.key,
        title: step.title,
        kind: step.kind,
        for: step.for,
        round: step.round,
        least_s: step.least_s.round(1),
        after: step.after,
        window_s: step.window? ? [step.earliest_s&.round(1), step.latest_s&.round(1)] : nil,
        consumes: step.consumes.map { |supply|
          {
            what: supply.title,
            amount: supply.for(step.times(setting.copies, setting.pieces)).round(4),
            unit: supply.unit,
            working: supply.working
          }
        },
        pace: step.pace
      }
    end

    # @param round [UpClose::Rounds::Round]
    def round(round) = {steps: round.keys, each_s: round.each_s.round(1), working: round.working.to_s}

    # @param rows [Array<UpClose::Comparison::Row>]
    # @return [Array<Hash>] of those that something refuses
    def refused(rows)
      rows.select(&:refused?).map do |row|
        stop = row.findings.find(&:stop?)
        {method: row.transfer_method.key, check: stop.key, reason: stop.reason, remedy: stop.remedy}
      end
    end

    # @param line [UpClose::Placing::PencilLines::Line]
    def pencil_line(line) = {runs: line.runs, from: line.from, distance_mm: line.figure_mm&.round(4), words: line.words}

    # @param cover [UpClose::Covering::Cover]  @param shape [UpClose::Surfaces::Shape]  @return [Hash]
    def cover(cover, shape, least_picture_mm)
      box = cover.region(shape).box
      {
        edge_mm: cover.edge_mm, width_mm: box.width.round(4), height_mm: box.height.round(4),
        area_mm2: cover.region(shape).area.round(3), picture_mm: cover.picture_mm.round(4),
        least_picture_mm: least_picture_mm.round(4), slits: shape.slits([cover.edge_mm, 0].max).size
      }
    end

    # @param line [Class] a UpClose::Cutting::Line  @param cut [UpClose::Cutting::Cut]  @return [Hash]
    def cut(line, cut)
      {
        line: line.key, length_mm: cut.region.shape.length.round(3), box_mm: cut.box.to_a.map { |v| v.round(4) },
        outline_mm: cut.outline.map { |corner| corner.map { |v| v.round(4) } }, holes: cut.holes.size,
        holes_closed: cut.closed.to_i, parts_joined: cut.joined.to_i, widest_bridge_mm: cut.bridged_mm&.round(4)
      }
    end
  end
end
