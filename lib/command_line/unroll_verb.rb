# frozen_string_literal: true

require "json"
require "command_line/options"

module CommandLine
  # up-close unroll: what a curved piece unrolls to, as figures, SVG or DXF.
  class UnrollVerb
    USAGE = "up-close unroll --cup TOP,FOOT,SLANT | --cylinder DIAMETER,HEIGHT | --dome BALL,ACROSS | --stations " \
      "FILE.csv [--bleed 1.5] [--out FILE.svg|.dxf]"
    SHAPES = {cup: %i[top_mm foot_mm slant_mm], cylinder: %i[diameter_mm height_mm], dome: %i[ball_mm cap_mm]}.freeze

    def initialize(arguments)
      @options, extra = Options.read(
        arguments,
        usage: USAGE,
        names: [*SHAPES.keys.map(&:to_s), "stations", "out", "bleed"],
        defaults: {bleed: "1.5"}
      )
      kinds = @options.keys & [*SHAPES.keys, :stations]
      raise WrongUse, "Unroll takes no file but its table: #{USAGE}." if extra.any?
      raise WrongUse, "Give one shape: #{USAGE}." unless kinds.size == 1
      unless @options[:out].nil? || @options[:out].match?(/\.(svg|dxf)\z/i)
        raise WrongUse, "--out ends in .svg or .dxf."
      end
      @kind = kinds.first
    end

    # @return [String] JSON
    def call
      @options[:output].write(@options[:out], drawn) if @options[:out]
      JSON.pretty_generate(report)
    end

    private

    def shape
      @shape ||= (@kind == :stations) ? UpClose::Surfaces::Loft.new(stations: stations) : UpClose::Surfaces.build(
        @kind.to_s,
        measures
      )
    end

    def measures
      keys = SHAPES[@kind]
      typed = @options[@kind].split(",")
      unless typed.size == keys.size
        raise WrongUse, "--#{@kind} wants #{keys.size} lengths, as #{USAGE[/--#{@kind} (\S+)/, 1]}."
      end
      measures = keys.zip(typed).to_h { |key, text| [key, UpClose::Measure::Length.read(text, field: key).mm] }
      (@kind == :cylinder) ? measures.merge(film_mm: 0.0) : measures
    end

    def stations
      UpClose::Measure::Pairs.from_rows(
        UpClose::Formats::CsvTable.call(File.binread(@options[:stations]), field: :stations),
        field: :stations
      )
    end

    def bleed = UpClose::Measure::LengthReader.new(range_mm: 0.0..100.0, field: :bleed).read(@options[:bleed]).mm

    def report
      {
        shape: @kind,
        file: @options[:out],
        **shape.figures,
        cover: cover,
        working: shape.working.to_s,
        outline_mm: outline,
        **more
      }.compact
    end

    def cover
      box = shape.cover(bleed)
      {bleed_mm: bleed, width_mm: box.width, height_mm: box.height}
    end

    def outline = shape.path.flatten(0.01).map { |points, _| points.map { |p| [p.x.round(4), p.y.round(4)] } }.first

    def more
      case @kind
      when :dome then {gore_mm: shape.gore(shape.figures[:gores]).points.map { |p| [p.x.round(4), p.y.round(4)] }}
      when :stations
        {
          strains: shape.strains.map { |from, to, strain| {from_mm: from, to_mm: to, strain: strain.round(5)} },
          relief_cuts: shape.relief_cuts(UpClose::Surfaces::Strain.fetch("softened").share).map { |from, to, count|
            {from_mm: from, to_mm: to, cuts: count}
          }
        }
      else {}
      end
    end

    def paths
      if @kind == :stations
        {"LEFT" => [shape.panel(:left).path], "RIGHT" => [
          shape.panel(:right).path.transform(UpClose::Geometry::Transform.move(0, shape.unrolled.box.height + 5))
        ]}
      else
        {"OUTLINE" => [shape.path]}
      end
    end

    def drawn
      if @options[:out].downcase.end_with?(".dxf")
        UpClose::Formats::DXF::Writer.call(paths)
      else
        UpClose::Formats::SVG::OutlineWriter.call(paths)
      end
    end
  end
end
