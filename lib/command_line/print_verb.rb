# frozen_string_literal: true

require "json"
require "shelves/print_files"
require "command_line/options"
require "command_line/sized_artwork"

module CommandLine
  # up-close print: artwork to a sheet at exact size.
  class PrintVerb
    USAGE = "up-close print ARTWORK --width 38mm --method KEY --printer laser|inkjet --out FILE.pdf|.svg|.png"
    NAMES = %w[width height cap-height text font method printer paper out reading stock border].freeze

    def initialize(arguments)
      @options, (@file, *extra) = Options.read(
        arguments,
        usage: USAGE,
        names: NAMES,
        numbers: %w[copies dpi],
        defaults: {copies: 1, paper: "a4", dpi: 600, reading: "auto"}
      )
      raise WrongUse, "One artwork at a time: #{USAGE}." if extra.any?
      @sized = SizedArtwork.new(@file, @options)
      check_use
    end

    # @return [String] JSON
    def call
      write
      JSON.pretty_generate(report)
    end

    private

    def check_use
      @sized.check_use(USAGE, %i[method printer out])
      unless UpClose::Methods::Orientation::CHOICES.include?(@options[:reading])
        raise WrongUse, "--reading is auto, as-is or mirrored."
      end
      raise WrongUse, "--out ends in .pdf, .svg or .png." unless Shelves::PrintFiles::KINDS.key?(kind)
    end

    def kind = File.extname(@options[:out]).delete_prefix(".").downcase

    def artwork = @sized.artwork

    def ink = @sized.ink

    def width_mm = @sized.width_mm

    def title = @sized.title

    def transfer_method = @transfer_method ||= UpClose::Methods.fetch(@options[:method])

    def setting
      stock = @options[:stock] && UpClose::Sheets::Stock.fetch(@options[:stock])
      @setting ||= UpClose::Methods::MethodChoice.new(
        method: transfer_method,
        printer: @options[:printer],
        stock: stock
      ).tap do |setting|
        situation = UpClose::Suitability::Situation.new(method: transfer_method, printer: setting.printer)
        UpClose::Suitability.check!(situation)
      end
    end

    def reading = @reading ||= UpClose::Methods::Orientation.new(transfer_method, override: @options[:reading])

    def pack
      @pack ||= UpClose::Printing::Pack.new(
        artwork: artwork,
        ink: ink,
        width_mm: width_mm,
        mirrored: reading.mirrored?,
        copies: @options[:copies],
        paper: UpClose::Printing::Paper.fetch(@options[:paper]),
        border_mm: border_mm,
        heading: UpClose::Printing::Heading.new(title: title, stock: setting.stock)
      )
    end

    def border_mm
      return setting.border_mm unless @options[:border]
      UpClose::Measure::LengthReader.new(range_mm: 0.0..50.0, field: :border).read(@options[:border]).mm
    end

    def write
      setting
      paths.each_with_index do |path, i|
        bytes = Shelves::PrintFiles.bytes(pack, kind, title: title, sheet: i + 1, dpi: @options[:dpi])
        @options[:output].write(path, bytes)
      end
    end

    # one PDF holds all sheets; SVG and PNG are numbered when there are several
    def paths
      return [@options[:out]] if kind == "pdf" || pack.sheets == 1
      Array.new(pack.sheets) { |i| @options[:out].sub(/(\.\w+)\z/, "-#{i + 1}\\1") }
    end

    def report
      {
        files: paths, reading: reading.word, turns: reading.turns, reason: reading.finding.reason,
        page_mm: [pack.paper.width_mm, pack.paper.height_mm], sheets: pack.sheets,
        placements: pack.cells.map { |cell| {sheet: cell.sheet, copy: cell.copy, **box(pack.ink_box(cell))} },
        bars: pack.bars.map { |bar| {direction: bar.direction, length_mm: bar.length, **box(bar.box)} },
        notes: artwork.notes
      }
    end

    def box(box)
      {x_mm: box.x, y_mm: box.y, width_mm: box.width, height_mm: box.height}.transform_values { |v| v.round(6) }
    end
  end
end
