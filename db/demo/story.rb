# frozen_string_literal: true

require_relative "shop"
require_relative "moves"
require_relative "later_moves"
require_relative "batches"
require_relative "worked"
require_relative "covered"
require_relative "months"
Dir[File.join(__dir__, "art", "*.rb")].sort.each { |file| require file }

module Demo
  # The centenary fair of Pellow Ness Light, all invented. Made through the same
  # actions a maker's clicks use; dates are laid from the day it is loaded.
  class Story
    include Shop
    include Moves
    include LaterMoves
    include Batches
    include Worked
    include Covered
    include Months

    # what it tells, one chapter after the other
    CHAPTERS = %i[printers stock supplies drawer fair luthier regatta views evenings months].freeze

    # @yield [Float] how far it is, 0..1, before each chapter
    def self.load(now: Time.now, &told) = new(now).load(&told)

    def initialize(now)
      @now = now
    end

    def load
      ActiveRecord::Base.transaction do
        CHAPTERS.each_with_index do |chapter, i|
          yield i.to_f / CHAPTERS.size if block_given?
          send(chapter)
        end
      end
    end

    private

    def fair
      @job = job(
        "Pellow Ness centenary fair",
        "the Keepers' Society of Pellow Ness",
        19,
        "A stall on the quay: the tender at 1:48, two dozen pendants, the raffle dish, keepsake boxes."
      )
      tender
      dish
      pendants
      boxes
      lid
      quay_board
      coasters
      gauge
      flasher
      crates
      mugs
      plug
    end

    def luthier
      @job = job("Cittern for the opening dance", "Ilse Varnholt", 33, "Five-course cittern, maple headstock, sealed.")
      mark = piece(
        "cittern headstock",
        "rounded-rectangle",
        {width_mm: 74, height_mm: 32, corner_mm: 6},
        "wood",
        "sealed",
        "#d8b982"
      )
      measured_from_photo(mark.piece)
      letter(mark, "Wrenfold", "dancing-script-bold", "7.5")
      method(mark, "water-slide", "laser", stock: "clear-film", "pick_water-slide_edge": "close")
      settle(mark, x_mm: -2, y_mm: 0)
      lay(mark, 3)
      run(mark, days_ago(2, 19))
      record(mark, %w[spoilt good], {1 => %w[wrinkles]})
    end

    # wanted in nine days, by a school that takes seven of them for its glue
    def regatta
      @job = job("Prize for the regatta", "the harbour master", 9, "The fish in a case, with her name on the foot.")
      mark = piece(
        "casting plug, the prize",
        "loft",
        {stations: "0, 6\n12, 34\n30, 58\n50, 66\n70, 54\n86, 28\n95, 12"},
        "wood",
        "sealed",
        "#b9c4c8"
      )
      file(mark, Art::HerringSide.svg, "Prize herring.svg")
      method(mark, "foil-skin", "laser", "pick_foil-skin_leave": "week")
      settle(mark, width_mm: 80)
    end

    def tender
      mark = piece(
        "tender Sandpiper, hull side",
        "rectangle",
        {width_mm: 176, height_mm: 24},
        "polystyrene",
        "gloss-paint",
        "#1e3b2c",
        count: 2
      )
      file(mark, Art::NameBoard.svg, "Name board.svg")
      method(mark, "water-slide", "inkjet", stock: "white-film")
      settle(mark, width_mm: 62.5, x_mm: -48.5, y_mm: -2)
      lay(mark, 6, leftovers: true)
      names_and_draughts(mark.piece)
    end

    def names_and_draughts(piece)
      mark = Actions::SavePiece.new_mark(piece)
      letter(mark, "PELLOW NESS", "overpass-bold", "3")
      method(mark, "water-slide", "laser", stock: "white-film")
      settle(mark, x_mm: 18, y_mm: -2)
      in_white(mark, margin_mm: 1.2, round_mm: 0.8)
      draughts = Actions::SavePiece.new_mark(piece)
      letter(draughts, "", "routed-gothic", "2.4", set: "2…9")
      method(draughts, "water-slide", "laser", stock: "white-film")
      settle(draughts, x_mm: 78, y_mm: 4)
      in_white(draughts, margin_mm: 1, round_mm: 0.6)
      lay(draughts, 16, leftovers: true, with: [mark.id])
    end

    def dish
      mark = piece("sycamore dish, the recess", "disc", {diameter_mm: 150}, "wood", "sanded", "#ecd9b0", count: 1)
      mark.change(clearance_mm: 6)
      file(mark, Art::CompassRose.svg, "Compass rose.svg")
      method(mark, "ink-offset", "inkjet", stock: "label-backing")
      settle(mark, width_mm: 124, turn_deg: 12)
      lay(mark, 2)
      seal(mark, "spray-satin")
      start = @now - 58 * 60
      run = Actions::RunMarks.start(mark, start)
      {"ground" => 22, "pencil" => 30, "print" => 37, "trim" => 40}.each do |step, minutes|
        Actions::RunMarks.finish_step(run, step, start + minutes * 60)
      end
    end

    def pendants
      mark = piece("brass pendants", "disc", {diameter_mm: 25}, "brass", "etched", "#c9a646", count: 24)
      mark.change(clearance_mm: 1.5)
      file(mark, Art::LightTower.svg, "Pellow Ness Light.svg")
      method(mark, "baked-medium", "laser")
      settle(mark, width_mm: 21)
      lay(mark, 32)
      run(mark, days_ago(6, 18))
      record(
        mark,
        %w[good spoilt good good usable good good spoilt good good],
        {2 => %w[yellowed], 5 => %w[haze], 8 => %w[missing-spots]}
      )
    end

    def boxes
      mark = piece(
        "keepsake box lids",
        "rounded-rectangle",
        {width_mm: 92, height_mm: 64, corner_mm: 4},
        "plywood",
        "sanded",
        "#dcc191",
        count: 12
      )
      file(mark, Art::Dusk.png, "The light at dusk.png")
      method(mark, "solvent-rub", "laser")
      settle(mark, width_mm: 78)
    end
  end
end
