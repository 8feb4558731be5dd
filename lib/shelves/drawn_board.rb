# frozen_string_literal: true

require "digest"
require "fileutils"
require "securerandom"
require "shelves/board_files"
require "shelves/in_parallel"
require "shelves/original_store"

module Shelves
  # A board read, checked and laid on its plate: a value that a worker is sent. What comes of it is kept on disk, since
  # it takes seconds; all of that can be thrown away.
  class DrawnBoard
    # raised when something is worked out differently
    VERSION = 2
    # drawn lines are off by at most so much, mm: no pixel of a page
    SHOWN_MM = 0.02

    # @param files [Array<Hash>] "name", "original", "kind", "side"  @param layout [Hash]
    # @param depth_mm [Float]  @param holds [Array(Float, Float)] line and gap that the method keeps, mm
    # @param originals [String] the folder of originals  @param kept [String] the folder of what has been worked out
    def initialize(files:, layout:, depth_mm:, holds:, originals:, kept:)
      @files, @layout, @depth, @holds, @originals, @kept = files, layout, depth_mm, holds, originals, kept
    end

    # all that a page shows
    # @return [Hash]
    # @raise [UpClose::Errors::BadBoard]
    def told
      read || fresh.tap { |drawn| write(drawn) }
    end

    # @return [Hash{String => String}] name → content
    def to_files = UpClose::Boards::Files.call(plate)

    # @param side [String]  @param layer [String] "copper", or "legend"  @return [String] an SVG drawing
    def artwork(side, layer = "copper") = UpClose::Boards::ArtworkWriter.call(plate.print(side, layer))

    # where that drawing's middle lies from the plate's, looked at from the top
    # @return [Array(Float, Float)] mm
    def middle(side, layer = "copper") = plate.print(side, layer).box.centre.to_a

    private

    def path = File.join(@kept, "#{Digest::SHA256.hexdigest([VERSION, @files, @layout, @depth, @holds].inspect)}.board")

    def read
      Marshal.load(File.binread(path)) # rubocop:disable Security/MarshalLoad
    rescue Errno::ENOENT, ArgumentError, TypeError, EOFError
      nil
    end

    def write(drawn)
      FileUtils.mkdir_p(@kept)
      temporary = "#{path}.#{SecureRandom.hex(4)}.part"
      File.binwrite(temporary, Marshal.dump(drawn))
      File.rename(temporary, path)
    end

    def board
      @board ||= begin
        store = OriginalStore.new(@originals)
        BoardFiles.board(
          @files.to_h { |file| [file["name"], store.get(file["original"])] },
          @files.to_h { |file| [file["name"], [file["kind"], file["side"]]] }
        )
      end
    end

    def plate
      @plate ||= UpClose::Boards::Plate.new(board, UpClose::Boards::Layout.new(**@layout.transform_keys(&:to_sym)))
    end

    def findings(side)
      UpClose::Boards::Checks.findings(UpClose::Boards::CheckContext.new(
        board, line_mm: @holds[0], gap_mm: @holds[1], undercut: UpClose::Etching::Undercut.new(@depth), sides: [side]
      ))
    end

    def fresh
      board
      Workers.drawing("checking")
      sides = board.sides.zip(InParallel.map(board.sides) { |side| [side(side), findings(side)] }).to_h
      {
        box: board.box.to_a, outline_drawn: board.drawn_outline?, outline: shown(board.outline),
        sides: sides.transform_values(&:first), legends: legends, holes: holes, drills: board.drills,
        layers: board.layers.map { |layer| {file: layer.file, kind: layer.kind, side: layer.side} },
        findings: UpClose::Boards::Checks.gravest_first(sides.values.flat_map(&:last)), plate: plate_told
      }
    end

    def side(side)
      image = board.layer("copper", side).image
      copper = board.copper(side)
      {
        path: shown(plate.solid(side)), dots: plate.spotted(side).map { |hole| hole.centre.to_a },
        tracks: image.count(:draw), pads: image.count(:flash),
        grounds: image.count(:region), gap_mm: plate.gap_mm(side),
        bare_mm2: board.outline.area - copper.area, bare_after_mm2: board.outline.area - plate.solid(side).area
      }
    end

    def legends
      UpClose::Boards::Board::SIDES.filter_map { |side|
        layer = board.layer("legend", side) and [side, shown(layer.region)]
      }.to_h
    end

    def holes = board.holes.map { |hole| [hole.centre.x, hole.centre.y, hole.diameter_mm, hole.slot?] }

    def plate_told
      {
        box: plate.box.to_a, outlines: plate.outlines.map { |outline| shown(outline) },
        places: plate.places.map(&:to_a), scores: plate.score_lines.map { |line| line.map(&:to_a) },
        pins: plate.pins.map(&:to_a), holes: plate.holes.map { |hole| hole.diameter_mm.round(3) }.tally
      }
    end

    def shown(region) = UpClose::Formats::SVG::PathWriter.rings(region.sketched(SHOWN_MM).rings)
  end
end
