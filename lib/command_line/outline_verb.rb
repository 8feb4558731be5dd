# frozen_string_literal: true

require "json"
require "command_line/options"
require "command_line/sized_artwork"
require "command_line/as_json"

module CommandLine
  # up-close outline: the line to cut a decal out along, at an exact distance from its ink.
  class OutlineVerb
    USAGE = "up-close outline ART|--text TEXT --width 40mm --around 1mm [--least-radius 0.5mm] [--blade 4mm] " \
      "[--out cut.svg|.dxf]"
    NAMES = %w[width height cap-height text font around least-radius blade out].freeze
    WRITERS = {".svg" => UpClose::Formats::SVG::OutlineWriter, ".dxf" => UpClose::Formats::DXF::Writer}.freeze
    FIGURES = {around: :around_mm, least_radius: :least_radius_mm, blade: :blade_mm}.freeze

    def initialize(arguments)
      @options, (file, *extra) = Options.read(arguments, usage: USAGE, names: NAMES)
      raise WrongUse, "One artwork at a time: #{USAGE}." if extra.any?
      @sized = SizedArtwork.new(file, @options)
      @sized.check_use(USAGE, [:around])
      return if @options[:out].nil? || WRITERS.key?(File.extname(@options[:out]))
      raise WrongUse, "--out ends in .svg or .dxf."
    end

    # @return [String] JSON, lengths from the middle of the ink
    def call
      write if @options[:out]
      JSON.pretty_generate(
        width_mm: @sized.width_mm, around_mm: asked.around_mm, least_radius_mm: asked.least_radius_mm,
        blade_mm: asked.blade_mm, box_mm: rounded(cut.box.to_a), area_mm2: cut.region.area.round(3),
        cut_length_mm: cut.region.shape.length.round(3), holes: cut.holes.size, holes_closed: cut.closed,
        parts_joined: cut.joined, widest_bridge_mm: cut.bridged_mm&.round(4), file: @options[:out],
        outline_mm: cut.outline.map { |corner| rounded(corner) }, findings: [AsJson.finding(finding)]
      )
    end

    private

    def cut = @cut ||= UpClose::Cutting::Lines::Ink.new(asked).call

    def asked
      @asked ||= UpClose::Cutting::Asked.new(
        ink: @sized.ink, width_mm: @sized.width_mm, corner_mm: 0.0, **figures,
        region: -> { UpClose::Cutting::InkRegions.inked(@sized.artwork, width_mm: @sized.width_mm) }
      )
    end

    def figures
      FIGURES.to_h do |option, key|
        figure = UpClose::Cutting::Figures::ALL.fetch(key)
        next [key, figure.default] unless @options[option]
        [key, UpClose::Measure::LengthReader.new(unit: "mm", range_mm: figure.range, field: option)
          .read(@options[option]).mm]
      end
    end

    def finding
      UpClose::Cutting::CutFindings.finding(
        UpClose::Cutting::Lines::Ink, cut, figures, UpClose::Measure::LengthWriter.new("mm")
      )
    end

    def write
      paths = cut.paths(UpClose::Geometry::Transform::IDENTITY)
      @options[:output].write(@options[:out], WRITERS.fetch(File.extname(@options[:out])).call({"CUT" => paths}))
    end

    def rounded(values) = values.map { |value| value.round(4) }
  end
end
