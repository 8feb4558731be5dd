# frozen_string_literal: true

require "json"
require "command_line/options"
require "command_line/sized_artwork"

module CommandLine
  # up-close compare: every method for an artwork on a surface, side by side.
  class CompareVerb
    USAGE =
      'up-close compare ARTWORK --width 38mm --surface "wood, sanded, #ecd9b0" --printers laser,inkjet ' \
      "[--purpose picture|guide|resist|pattern] [--copies N] [--grit N] " \
      "[--sort fit|chance|hands|elapsed|line|heat|fumes]"

    def initialize(arguments)
      @options, (@file, *extra) = Options.read(
        arguments,
        usage: USAGE,
        names: %w[width height cap-height text font surface printer printers purpose sort fumes use],
        numbers: %w[copies grit],
        defaults: {copies: 1, sort: "fit", fumes: "strong"}
      )
      raise WrongUse, "One artwork at a time: #{USAGE}." if extra.any?
      @sized = SizedArtwork.new(@file, @options)
      @options[:printers] ||= @options[:printer]
      @sized.check_use(USAGE, %i[surface printers])
      check_printers
      unless UpClose::Comparison::SORTS.key?(@options[:sort])
        raise WrongUse, "--sort is one of: #{UpClose::Comparison::SORTS.keys.join(", ")}."
      end
      unless UpClose::Methods::FUMES.key?(@options[:fumes])
        raise WrongUse, "--fumes is one of: #{UpClose::Methods::FUMES.keys.join(", ")}."
      end
      raise WrongUse, "--copies is 1 to 500." unless @options[:copies].between?(1, 500)
    end

    # @return [String] JSON
    def call
      compared = UpClose::Comparison.new(
        printers: printers,
        purpose: purpose,
        ground: ground,
        wanted: wanted,
        copies: @options[:copies],
        size: size
      )
      JSON.pretty_generate(
        pick: compared.pick&.transfer_method&.key,
        reason: compared.reason,
        purpose: purpose&.key,
        careful: compared.careful&.transfer_method&.key,
        methods: compared.sorted(@options[:sort]).map { |row| told(row) }
      )
    end

    private

    def printers = @options[:printers].split(/\s*,\s*/)

    def check_printers
      unknown = printers - %w[laser inkjet]
      raise WrongUse, "--printers is laser, inkjet or both, with a comma between." if unknown.any? || printers.empty?
      return unless @options[:grit] && !UpClose::Materials::Ground::GRITS.cover?(@options[:grit])
      raise WrongUse, "--grit is #{UpClose::Materials::Ground::GRITS.minmax.join(" to ")}."
    end

    # @return [Class, nil] nil: whatever each method is usually for
    def purpose = @options[:purpose] && UpClose::Purposes.fetch(@options[:purpose])

    def ground
      material, finish, colour = @options[:surface].split(/\s*,\s*/)
      material = UpClose::Materials.material(material)
      {
        material: material,
        finish: UpClose::Materials.finish(finish || "raw"),
        colour: UpClose::Colour.hex(colour || material.colour),
        grit: @options[:grit]
      }
    end

    def size
      UpClose::Methods::MarkSize.new(
        width_mm: @sized.width_mm,
        height_mm: @sized.width_mm * @sized.ink.aspect,
        coverage: subject.solids.laid,
        line_mm: subject.lines.length_mm
      )
    end

    def subject
      @subject ||= looked_at
    end

    def looked_at
      limits = UpClose::Methods::Limits.for(method: UpClose::Methods.fetch("water-slide"), printer: printers.first)
      UpClose::Artwork::CheckContext.new(
        artwork: @sized.artwork,
        width_mm: @sized.width_mm,
        limits: limits,
        border_mm: 3.0,
        film: :clear,
        surface: ground[:colour],
        lettering: @sized.lettering
      )
    end

    def wanted
      {
        finest_mm: subject.finest_mm,
        mostly_over_mm: subject.mostly_over_mm,
        tones: subject.kind.toned?,
        palette: subject.palette,
        fumes: @options[:fumes],
        use: @options[:use].to_s.split(/\s*,\s*/)
      }
    end

    def told(row)
      {
        method: row.transfer_method.key,
        stock: row.setting.stock.key,
        printer: row.setting.printer,
        verdict: row.verdict,
        chance: row.chance.round(4),
        hands_s_a_good_one: row.hands_s.round,
        elapsed_s: row.elapsed_s.round,
        finest_line_mm: row.line_mm,
        fumes: row.transfer_method.fumes,
        heat_c: row.heat_c,
        movable: row.transfer_method.movable,
        undo: row.transfer_method.undo,
        findings: row.findings.map { |f| {check: f.key, verdict: f.verdict, reason: f.reason, remedy: f.remedy} }
      }
    end
  end
end
