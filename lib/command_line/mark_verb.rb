# frozen_string_literal: true

require "json"
require "command_line/options"
require "command_line/request_file"
require "command_line/sized_artwork"
require "command_line/as_json"

module CommandLine
  # up-close mark: all that the pages tell of one mark, as docs/mark.md describes it.
  class MarkVerb
    USAGE = "up-close mark REQUEST.json"
    MOST_BYTES = 1024 * 1024

    def initialize(arguments)
      _, files = Options.read(arguments, usage: USAGE, names: [])
      raise WrongUse, "Give one request: #{USAGE}." unless files.size == 1
      @file = files.first
    end

    # @return [String] JSON
    def call
      raise WrongUse, "#{File.basename(@file)} holds no object." unless data.is_a?(Hash)
      raise WrongUse, "Give “artwork”, a path, or “text”, one of the two." if data["artwork"].nil? == data["text"].nil?
      JSON.pretty_generate(answer(UpClose::MarkRequest.new(data, artwork: sized.artwork, letters: letters)))
    end

    private

    def answer(request)
      mark = request.planned
      {
        **decided(request, mark),
        pick: request.comparison.pick&.transfer_method&.key, pick_reason: request.comparison.reason,
        refused: AsJson.refused(request.comparison.rows),
        reading: mark.reading.word, reading_reason: mark.reading.reason,
        findings: findings(request).map { |f| AsJson.finding(f) },
        pencil_lines: mark.pencil_lines(UpClose::Measure::LengthWriter.new("mm"))
          .map { |line| AsJson.pencil_line(line) },
        clearance_mm: mark.room.clearance.round(4), largest_mm: mark.room.largest_here.round(4),
        width_mm: mark.placement.width_mm, height_mm: mark.setting.size.height_mm.round(4),
        steps: mark.steps.map { |step| AsJson.step(step, mark.setting) }, hands_s: mark.hands_s.round,
        rounds: mark.rounds.map { |round| AsJson.round(round) }, lots: mark.lot_sizes,
        lots_working: mark.lots.working&.to_s, pieces: mark.setting.pieces,
        cover: AsJson.cover(request.cover, mark.shape, request.least_picture_mm(request.cover)),
        cut: AsJson.cut(request.cut_line, request.cut),
        prints: mark.setting.copies, spares: mark.spares.print, chance: mark.spares.chance.round(4),
        chance_working: mark.spares.chance_working.to_s, ready_s: mark.ready_s.transform_values(&:round),
        **cost(mark.estimate, mark.setting.pieces)
      }
    end

    def decided(request, mark)
      {
        kind: request.subject.kind.key, show_through: mark.show_through&.key,
        purpose: mark.setting.purpose.key, afterwards: mark.setting.afterwards&.key,
        method: mark.setting.transfer_method.key
      }
    end

    # the artwork's checks, then what speaks for and against the method here, then the place; each once
    def findings(request)
      mark = request.planned
      place = UpClose::Placing::Review.new(
        room: mark.room,
        shape: mark.shape,
        clearance_mm: mark.clearance_mm,
        writer: UpClose::Measure::LengthWriter.new("mm")
      ).findings
      [
        *UpClose::Artwork::Checks.findings(request.subject),
        *mark.findings,
        *place,
        mark.spares.finding(mark.setting.copies)
      ].uniq(&:key)
    end

    def cost(estimate, pieces)
      {
        cost_cents: (estimate.per_good * pieces).round,
        cost_each_cents: estimate.per_good.to_f.round(2),
        cost_working: estimate.working.to_s
      }
    end

    # paths are looked for beside the request
    def sized
      @sized ||= SizedArtwork.new(
        data["artwork"] && File.expand_path(data["artwork"].to_s, File.dirname(@file)),
        {text: data["text"], font: data["font"]}.compact
      )
    end

    def letters = data["text"] && {text: data["text"].to_s, x_height_ratio: sized.x_height_ratio}

    def data = @data ||= RequestFile.read(@file, most_bytes: MOST_BYTES)
  end
end
