# frozen_string_literal: true

require "json"
require "shelves/register_files"
require "command_line/options"
require "command_line/as_json"

module CommandLine
  # up-close strap: a strip that finds a mark's place on a cup or a cylinder.
  class StrapVerb
    USAGE = "up-close strap --cup TOP,FOOT,SLANT | --cylinder DIAMETER,HEIGHT --down 40mm --mark 60x20 " \
      "[--high 30mm] [--overlap 10mm] [--handle 90] [--paper a4] [--out strap.pdf|.svg|.dxf]"
    SHAPES = {cup: %i[top_mm foot_mm slant_mm], cylinder: %i[diameter_mm height_mm]}.freeze
    NAMES = %w[cup cylinder down mark high overlap handle paper out].freeze

    def initialize(arguments)
      @options, extra = Options.read(arguments, usage: USAGE, names: NAMES, defaults: {paper: "a4", handle: "180"})
      kinds = @options.keys & SHAPES.keys
      raise WrongUse, "Give one shape, --down and --mark: #{USAGE}." unless
        extra.empty? && kinds.size == 1 && @options[:down] && @options[:mark]
      @kind = kinds.first
      return if @options[:out].nil? || Shelves::RegisterFiles::KINDS.key?(kind_of_file)
      raise WrongUse, "--out ends in .pdf, .svg or .dxf."
    end

    # @return [String] JSON: places as shares of a turn and degrees to the right of the mark's middle, mm below the rim
    def call
      write if @options[:out]
      JSON.pretty_generate(
        shape: @kind, down_mm: strap.down, high_mm: strap.high, overlap_mm: strap.overlap,
        girth_upper_mm: strap.upper.round(4), girth_lower_mm: strap.lower.round(4),
        radius_upper_mm: wall.arc_radius(strap.down)&.round(4),
        radius_lower_mm: wall.arc_radius(strap.down + strap.high)&.round(4),
        box_mm: [strap.box.width, strap.box.height].map { |v| v.round(4) }, window: strap.window?,
        corners: strap.corners.map { |corner| told(*corner) }, file: @options[:out],
        findings: told_strap.findings.map { |finding| AsJson.finding(finding) }
      )
    end

    private

    def told(turn, down)
      place = wall.flat(turn, down)
      {
        from_handle_mm: (turn * wall.girth(down)).round(4), down_mm: down.round(4),
        flat_mm: [place.x.round(4), place.y.round(4)]
      }
    end

    def write
      bytes = Shelves::RegisterFiles.call(strap, kind_of_file, title: "Strap", paper: paper.key)
      @options[:output].write(@options[:out], bytes)
    end

    def told_strap
      UpClose::Register::StrapFindings.new(strap, writer: UpClose::Measure::LengthWriter.new("mm"), paper: paper)
    end

    def strap
      @strap ||= UpClose::Register::Strap.new(
        wall, corners: corners, down_mm: down, high_mm: high, handle: handle,
        **(@options[:overlap] ? {overlap_mm: length(:overlap)} : {})
      )
    end

    # the mark's box, its middle in the middle of the strap, laid flat where that is
    def corners
      middle = wall.flat(0.5, down + high / 2)
      wide, tall = mark
      [[-1, -1], [1, -1], [1, 1], [-1, 1]].map do |x, y|
        wall.place(middle + UpClose::Geometry::Point[x * wide / 2, y * tall / 2])
      end
    end

    def high = @options[:high] ? length(:high) : [mark.last, UpClose::Register::Strap::HIGH_MM].max

    def down
      @down ||= UpClose::Measure::LengthReader.new(range_mm: 0.0..2000.0, field: :down).read(@options[:down]).mm
    end

    def mark
      @mark ||= @options[:mark].downcase.split(/[x×]/).then do |sides|
        raise WrongUse, "--mark is two lengths, as 60x20." unless sides.size == 2
        sides.map { |side| UpClose::Measure::Length.read(side, field: :mark).mm }
      end
    end

    def handle
      degrees = Float(@options[:handle], exception: false) or raise WrongUse, "--handle is in degrees, as 90."
      degrees / 360
    end

    def wall = @wall ||= UpClose::Register::Wall.new(UpClose::Surfaces.build(@kind.to_s, measures))

    def measures
      keys, typed = SHAPES.fetch(@kind), @options[@kind].split(",")
      raise WrongUse, "--#{@kind} wants #{keys.size} lengths: #{USAGE}." unless typed.size == keys.size
      measures = keys.zip(typed).to_h { |key, text| [key, UpClose::Measure::Length.read(text, field: key).mm] }
      (@kind == :cylinder) ? measures.merge(film_mm: 0.0) : measures
    end

    def paper = UpClose::Printing::Paper.fetch(@options[:paper])

    def length(name) = UpClose::Measure::Length.read(@options[name], field: name).mm

    def kind_of_file = File.extname(@options[:out]).delete_prefix(".").downcase
  end
end
