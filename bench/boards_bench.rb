# frozen_string_literal: true

require "tmpdir"
require "shelves/drawn_board"

# Four files of one board, 20,000 objects together: read, drawn and checked. Two coppers of tracks and pads, an outline,
# drills; and a stencil of 200 islands.
module BoardsBench
  OBJECTS = 20_000
  ACROSS = 60
  STEP_MM = 2.54

  module_function

  # pads in rows, each joined to the next by a track of three bends; half of them on each side
  def copper(side)
    rows = OBJECTS / 2 / (ACROSS * 4)
    head = "%TF.FileFunction,Copper,#{side}*%%FSLAX46Y46*%%MOMM*%%ADD10C,0.3*%%ADD11C,1.6*%G01*"
    body = rows.times.flat_map { |row| ACROSS.times.flat_map { |column| pad(column * STEP_MM, row * STEP_MM) } }
    [head, *body, "M02*"].join("\n")
  end

  def pad(x, y)
    ["D11*", "#{at(x, y)}D03*", "D10*", "#{at(x, y)}D02*", "#{at(x + 0.9, y + 0.9)}D01*", "#{at(x + 1.3, y + 0.9)}D01*",
      "#{at(x + STEP_MM, y)}D01*"]
  end

  def at(x, y) = "X#{(x * 1e6).round}Y#{(y * 1e6).round}"

  def edge
    w, h = ACROSS * STEP_MM + 4, OBJECTS / 2 / (ACROSS * 4) * STEP_MM + 4
    corners = [[-4, -4], [w, -4], [w, h], [-4, h], [-4, -4]].map { |x, y| at(x, y) }
    lines = corners.drop(1).map { |corner| "#{corner}D01*" }
    ["%FSLAX46Y46*%%MOMM*%%ADD10C,0.1*%D10*", "#{corners.first}D02*", *lines, "M02*"].join("\n")
  end

  def drills
    places = (0...40).flat_map { |row| (0...ACROSS).map { |column| "X#{column * STEP_MM}Y#{row * STEP_MM}" } }
    ["M48", "METRIC", "T01C0.8", "%", "T01", *places, "M30"].join("\n")
  end

  def files
    {"top.gbr" => copper("L1,Top"), "bottom.gbr" => copper("L2,Bot"), "edge.gko" => edge, "holes.drl" => drills}
  end

  # a grid of frames, each with an island
  def stencil
    shapes = (0...200).map { |i| [(i % 20) * 12, i / 20 * 12] }
      .map { |x, y| "M#{x} #{y}h9v9h-9zM#{x + 2} #{y + 2}v5h5v-5z" }.join
    UpClose::Artwork::Opening.call(
      %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="-2 -2 244 124" width="244mm" height="124mm">) +
        %(<path fill-rule="evenodd" d="#{shapes}"/></svg>)
    )
  end

  # as the page asks a worker for it, nothing kept from before
  def drawn_and_checked(texts)
    Dir.mktmpdir do |folder|
      store = Shelves::OriginalStore.new(folder)
      files = Shelves::BoardFiles.guesses(texts).map do |name, kind, side|
        {"name" => name, "original" => store.put(texts[name]), "kind" => kind, "side" => side}
      end
      Bench.seconds do
        Shelves::DrawnBoard.new(
          files: files, layout: {}, depth_mm: 0.035, holds: [0.2, 0.2], originals: folder, kept: folder
        ).told
      end
    end
  end

  def tied(drawing)
    regions = UpClose::Cutting::InkRegions.new(drawing, width_mm: 237.0)
    UpClose::Templates::Cut.new(regions, stuff: UpClose::Templates::SheetStuff.fetch("card")).bridges.size
  end
end

# what the issue asks of both
module Bench
  texts = BoardsBench.files
  board = Array.new(3) { BoardsBench.drawn_and_checked(texts) }.min
  report("4 files of one board, 20,000 objects, drawn and checked", format("%.2f s", board), "under 3 s")
  drawing = BoardsBench.stencil
  report("bridges for 200 islands", format("%.2f s", median(3) { BoardsBench.tied(drawing) }), "under 1 s")
end
