# frozen_string_literal: true

require "json"
require "shelves/template_files"
require "command_line/options"
require "command_line/sized_artwork"
require "command_line/as_json"

module CommandLine
  # up-close template: a template cut of a sheet: islands tied, inner lines as windows, folded or whole, as files.
  class TemplateVerb
    USAGE = "up-close template ART|--text TEXT --width 120mm [--material card|plastic|aluminium|paper] " \
      "[--kind stencil|outline] [--folds 2] [--out t.dxf|.svg|.pdf]"
    NAMES = %w[width height cap-height text font material kind folds out].freeze

    def initialize(arguments)
      @options, (file, *extra) = Options.read(arguments, usage: USAGE, names: NAMES,
        defaults: {material: "card", printer: "laser"})
      raise WrongUse, "One artwork at a time: #{USAGE}." if extra.any?
      @sized = SizedArtwork.new(file, @options)
      @sized.check_use(USAGE, [])
      check
    end

    # @return [String] JSON
    def call
      write if @options[:out]
      JSON.pretty_generate(
        kind: template.cut.kind, material: stuff.key, file: @options[:out],
        islands: template.cut.islands.size, bridges: bridges, slots: template.cut.slots.size,
        templates: template.cut.second ? 2 : 1, weakest_neck_mm: template.cut.neck&.mm&.round(4),
        cut_length_mm: UpClose::Templates::DrawnTemplate.length_mm(template.sheet).round(2),
        misfit_mm: template.folded&.misfit_mm&.round(4),
        findings: template.findings.map { |finding| AsJson.finding(finding) }
      )
    end

    private

    def check
      unless @options[:out].nil? || Shelves::TemplateFiles::KINDS.key?(kind_of_file)
        raise WrongUse, "--out ends in .dxf, .svg or .pdf."
      end
      return if @options[:kind].nil? || UpClose::Templates::Cut::KINDS.key?(@options[:kind])
      raise WrongUse, "--kind is stencil or outline."
    end

    def write
      bytes = Shelves::TemplateFiles.call(template, kind_of_file, title: @sized.title)
      @options[:output].write(@options[:out], bytes)
    end

    def kind_of_file = File.extname(@options[:out]).delete_prefix(".").downcase

    def stuff = UpClose::Templates::SheetStuff.fetch(@options[:material])

    def template
      @template ||= UpClose::Templates::Template.new(
        UpClose::Cutting::InkRegions.new(@sized.artwork, width_mm: @sized.width_mm),
        stuff: stuff, kind: @options[:kind], folds: folds
      )
    end

    def folds
      return 1 unless @options[:folds]
      Integer(@options[:folds], exception: false) or raise WrongUse, "--folds is a whole number."
    end

    def bridges
      template.cut.bridges.map do |bridge|
        {from_mm: bridge.from.to_a, to_mm: bridge.to.to_a, length_mm: bridge.length_mm, width_mm: bridge.width_mm}
          .transform_values { |value| value.is_a?(Array) ? value.map { |v| v.round(3) } : value.round(3) }
      end
    end
  end
end
