# frozen_string_literal: true

# What leaves_the_shop_spec tries: methods and schools by the way they are printed, kinds of layout, files, papers.
module ProofTable
  # which way round each is printed, as the handbook counts it (“Reading direction”), not as the code does
  READINGS = {
    ["water-slide", {}] => :as_it_reads, ["solvent-rub", {}] => :mirrored, ["ink-offset", {}] => :mirrored,
    ["iron-on", {}] => :mirrored, ["gel-medium", {}] => :mirrored, ["varnish-paper", {}] => :mirrored,
    ["tape-lift", {}] => :as_it_reads, ["baked-medium", {}] => :mirrored, ["heat-resist", {}] => :mirrored,
    ["heat-resist", {"layer" => "bottom"}] => :as_it_reads, ["lacquer-pull", {}] => :mirrored,
    ["lacquer-pull", {"layer" => "bottom"}] => :as_it_reads, ["foil-skin", {}] => :mirrored,
    ["tracing", {}] => :as_it_reads, ["cut-template", {}] => :as_it_reads,
    ["water-slide", {"through" => true}] => :mirrored
  }.freeze
  LAYOUTS = %w[rows nested leftover tiles carrier calibrated].freeze
  FILES = %w[pdf svg png].freeze
  PAPERS = {"a5" => [148.0, 210.0], "a4" => [210.0, 297.0]}.freeze
  WIDE, HIGH, COPIES, TILED = 30.0, 20.0, 3, 240.0
  FRAME, HEADING, LEADING, GAP, OVERLAP = 8.0, 13.0, 12.0, 3.0, 8.0
  # no two of its eight ways round are alike
  ART = '<path d="M0 0h60v12h-46v8h26v9h-26v11h-14z M46 12h14v6h-14z"/>'
  DRAWING = %(<svg xmlns="http://www.w3.org/2000/svg" width="60" height="40" viewBox="0 0 60 40">#{ART}</svg>).freeze
end
