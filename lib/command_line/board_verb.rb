# frozen_string_literal: true

require "json"
require "shelves/board_files"
require "command_line/options"
require "command_line/as_json"

module CommandLine
  # up-close board: what the files of a circuit board draw, checked, and written back ready for the plate.
  class BoardVerb
    USAGE = "up-close board FILES|ZIP [--out DIR] [--depth 0.035mm] [--widen 0.02mm] [--dot 0.3mm] [--fill 0.8mm] " \
      "[--columns 2 --rows 2 --web 3mm] [--pins yes]"
    NAMES = %w[out depth widen dot fill columns rows web pins].freeze
    LENGTHS = {widen: :widen_mm, dot: :dot_mm, web: :web_mm, fill: :clearance_mm}.freeze

    def initialize(arguments)
      @options, @files = Options.read(arguments, usage: USAGE, names: NAMES)
      raise WrongUse, "Give the files of a board, or a ZIP of them: #{USAGE}." if @files.empty?
    end

    # @return [String] JSON
    def call
      write if @options[:out]
      JSON.pretty_generate(
        layers: board.layers.map { |layer| layer(layer) },
        left_out: brought.left_out,
        box_mm: box(board.box), outline_drawn: board.drawn_outline?, area_mm2: board.outline.area.round(4),
        drills: board.drills.map { |size, count| {diameter_mm: size, count: count} },
        findings: UpClose::Boards::Checks.findings(context).map { |finding| AsJson.finding(finding) },
        plate: plate_told
      )
    end

    private

    def brought = @brought ||= Shelves::BoardFiles.call(@files.map { |file| [File.basename(file), File.binread(file)] })

    def board = @board ||= Shelves::BoardFiles.board(brought.texts)

    def context
      UpClose::Boards::CheckContext.new(
        board, undercut: @options[:depth] && UpClose::Etching::Undercut.new(length(:depth))
      )
    end

    def layer(layer)
      copper = layer.kind == "copper" && layer.side != "both"
      {
        file: layer.file, kind: layer.kind, side: layer.side, area_mm2: layer.region.area.round(4),
        box_mm: layer.box && box(layer.box),
        narrowest_mm: copper ? least(layer.side, :narrow) : nil, gap_mm: copper ? least(layer.side, :gaps) : nil
      }
    end

    # looked for further where nothing is near
    def least(side, what)
      [UpClose::Boards::Board::NEAR_MM, UpClose::Boards::Board::REACH_MM].lazy
        .filter_map { |reach| board.public_send(what, side, reach: reach).first&.mm&.round(4) }.first
    end

    # y upwards, as the files count
    def box(box) = {x_mm: box.x, y_mm: -box.bottom, width_mm: box.width, height_mm: box.height}
      .transform_values { |value| value.round(4) }

    def plate = @plate ||= UpClose::Boards::Plate.new(board, UpClose::Boards::Layout.new(**settings))

    def settings
      given = LENGTHS.select { |name, _| @options[name] }.to_h { |name, key| [key, length(name)] }
      given[:fill] = true if @options[:fill]
      given[:pins] = true if @options[:pins]
      %i[columns rows].each { |name| given[name] = whole(name) if @options[name] }
      given
    end

    def plate_told
      {
        boards: plate.layout.count, width_mm: plate.box.width.round(4), height_mm: plate.box.height.round(4),
        holes: plate.holes.size, files: @options[:out] ? UpClose::Boards::Files.call(plate).keys : []
      }
    end

    def write
      Dir.mkdir(@options[:out]) unless Dir.exist?(@options[:out])
      UpClose::Boards::Files.call(plate).each do |name, text|
        @options[:output].write(File.join(@options[:out], name), text)
      end
      board.sides.each do |side|
        artwork = UpClose::Boards::ArtworkWriter.call(plate.print(side))
        @options[:output].write(File.join(@options[:out], "copper-#{side}.svg"), artwork)
      end
    end

    # a plain number is mm
    def length(name) = UpClose::Measure::Length.read(@options[name]).mm

    def whole(name)
      Integer(@options[name], exception: false) or raise WrongUse, "“#{@options[name]}” is no whole number: --#{name}."
    end
  end
end
