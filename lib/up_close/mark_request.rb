# frozen_string_literal: true

module UpClose
  # One mark asked for from outside, as docs/mark.md describes it. Reads what is given, fills in
  # what a page would begin with, and answers the WorkedMark.
  class MarkRequest
    include Way
    include Fields

    MOST = 500
    CLEARANCE_MM = 2.0
    KEYS = %w[
      piece artwork text font width_mm at clearance_mm method schools printer stock prints sealer coats room paper
      hour_cents record purpose afterwards work_s pieces printers
    ].freeze
    LONGEST_WORK_S = 30 * 86_400

    # @param data [Hash] as read from JSON
    # @param artwork [Artwork::Drawing, Artwork::Picture]
    # @param letters [Hash, nil] of lettering, {text:, x_height_ratio:}
    # @raise [Error]
    def initialize(data, artwork:, letters: nil)
      refuse("The request is no object.", "See docs/mark.md.", :request) unless data.is_a?(Hash)
      unknown = data.keys - KEYS
      refuse("“#{unknown.first}” is not asked for.", "Use #{KEYS.join(", ")}.", :request) if unknown.any?
      @data, @artwork, @letters = data, artwork, letters
      unless data["piece"].is_a?(Hash)
        refuse("“piece” is missing.", "Give its shape, measures, material and the rest.", :piece)
      end
    end

    # @return [WorkedMark]
    def worked
      @worked ||= WorkedMark.new(
        shape: shape, ink: artwork_ink, placement: placement,
        clearance_mm: number("clearance_mm", 0..500, CLEARANCE_MM), setting: setting, sealer: sealer,
        situation: situation, reading: reading, record: record, climate: climate,
        paper: Printing::Paper.fetch(@data["paper"] || "a4"), coverage: subject.solids.laid,
        hour_cents: number("hour_cents", 0..1_000_000, 0).to_i
      )
    end

    # every method for this purpose on this piece, from the printers there are
    # @return [Comparison]
    def comparison
      @comparison ||= Comparison.new(
        printers: printers.map(&:to_s), purpose: purpose, copies: wanted, size: size,
        ground: {material: material, finish: finish, colour: colour, grit: grit},
        wanted: looked_for.slice(:use, :finest_mm, :mostly_over_mm, :tones, :palette, :climate, :size_mm)
      )
    end

    # the artwork at its size, as its checks look at it
    # @return [Artwork::CheckContext]
    def subject
      @subject ||= Artwork::CheckContext.new(
        artwork: @artwork,
        width_mm: width_mm,
        limits: Methods::Limits.for(method: method, printer: printer, purpose: purpose),
        film: stock.white? ? :white : :clear,
        surface: colour,
        border_mm: bare_setting.border_mm,
        lettering: lettering,
        white_film: method.stocks.any?(&:white?),
        inked: method.inked? && purpose.inked?
      )
    end

    private

    def piece = @data["piece"]

    def shape
      @shape ||= begin
        kind = Surfaces.fetch(piece["shape"])
        given = piece["measures"].is_a?(Hash) ? piece["measures"] : piece
        Surfaces.build(kind.key, kind.parameters.to_h { |p| [p.key, given[p.key.to_s]] }.compact)
      end
    end

    def artwork_ink = @artwork.ink

    def width_mm = @width_mm ||= number("width_mm", 0.05..2000, nil)

    def height_mm = width_mm * artwork_ink.aspect

    def placement
      at = @data["at"] || {}
      refuse("“at” is no object.", "Give right_mm, down_mm and turn_deg.", :at) unless at.is_a?(Hash)
      x, y, turn = %w[right_mm down_mm turn_deg].map { |key| at.fetch(key, 0) }
      unless [x, y, turn].all? { |value| value.is_a?(Numeric) && value.between?(-2000, 2000) }
        refuse("“at” holds what is no number.", "Give right_mm, down_mm and turn_deg as numbers.", :at)
      end
      Placing::Placement.new(width_mm: width_mm, x_mm: x, y_mm: y, turn_deg: turn)
    end

    def stock = bare_setting.stock

    # as far as it goes without the mark's size
    def bare_setting
      @bare_setting ||= Methods::MethodChoice.new(
        method: method,
        printer: printer,
        stock: @data["stock"] && Sheets::Stock.fetch(@data["stock"]),
        picked: schools,
        material: material,
        finish: finish,
        purpose: purpose,
        afterwards: afterwards,
        work_s: @data["work_s"] && number("work_s", 1..LONGEST_WORK_S, nil)
      )
    end

    def setting
      bare_setting.with(
        copies: whole("prints", @data["prints"], wanted),
        pieces: wanted,
        size: size,
        coat_mm2: Surfaces.coated_mm2(shape),
        coats: @data["coats"] && whole("coats", @data["coats"], nil)
      )
    end

    def size
      Methods::MarkSize.new(
        width_mm: width_mm,
        height_mm: height_mm,
        coverage: subject.solids.laid,
        line_mm: subject.lines.length_mm
      )
    end

    # good ones
    def wanted
      @data["pieces"] ? whole("pieces", @data["pieces"], 1) : whole("piece.count", piece["count"], 1)
    end

    def grit
      return if piece["grit"].nil?
      given = piece["grit"]
      return given if given.is_a?(Integer) && Materials::Ground::GRITS.cover?(given)
      grits = Materials::Ground::GRITS
      refuse("“piece.grit” is #{given.inspect}.", "Give #{grits.begin} to #{grits.end}.", :"piece.grit")
    end

    def material = @material ||= Materials.material(piece["material"] || "wood")

    def finish = Materials.finish(piece["finish"] || "raw")

    def colour = Colour.hex(piece["colour"] || material.colour)

    # as a method begins, unless the request names one
    def sealer = Sealing.fetch(@data["sealer"] || purpose.usual_sealer || method.seals_with || "none")

    def situation
      Suitability::Situation.new(
        method: method, printer: printer, stock: stock, material: material, finish: finish, colour: colour,
        sealer: sealer, setting: setting, grit: grit, purpose: purpose, printers: printers, **looked_for
      )
    end

    # what is asked of any method
    def looked_for
      @looked_for ||= {
        use: uses, finest_mm: Artwork::Checks::ThinnestLine.call(subject)&.value,
        mostly_over_mm: subject.mostly_over_mm,
        tones: subject.solids.tones > Artwork::Checks::Tones::MUCH, size_mm: [width_mm, height_mm],
        palette: subject.palette, climate: climate
      }
    end

    def uses
      given = Array(piece["use"]).map(&:to_s)
      unknown = given - Suitability::USES.keys
      if unknown.any?
        refuse("“#{unknown.first}” is no use of a piece.", "Use #{Suitability::USES.keys.join(", ")}.", :use)
      end
      given
    end

    def reading = Methods::Orientation.new(method, seen_through: piece["seen_through"] == true, picked: schools)

    def climate
      Timetable::Climate.new(**(@data["room"] || {}).transform_keys(&:to_sym).slice(:temperature_c, :humidity))
    end

    # good and tried, by this way
    def record
      given = @data["record"] || {}
      %w[good tried].map { |key| whole("record.#{key}", given[key], 0, least: 0) }
    end

    def lettering
      return unless @letters
      cap = width_mm / artwork_ink.box.width
      {cap_mm: cap, x_mm: cap * @letters[:x_height_ratio], small: @letters[:text].match?(/\p{Ll}/)}
    end
  end
end
