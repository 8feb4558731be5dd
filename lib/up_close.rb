# frozen_string_literal: true

require "zeitwerk"

# The core: the rules and the computation of the job, and nothing else.
# It knows no web, no database, no file system, no clock and no chance.
#
#   measure/      lengths: how people type and read them
#   geometry/     point, box, transform, path; algorithms/ one verb a file
#   surfaces/     one shape a file: where a mark can lie on it, how it unrolls, what strain it takes
#   artwork/      drawing, picture, lettering, and the ink they hold; checks/ and preparing/
#                 one a file; the look on the piece, the loupe's impression
#   methods/      one way of transferring a file; reading direction by turns
#   suitability/  rules/ one a file: what works with what
#   placing/      clearances, largest size, pencil lines
#   sealing/      one sealer a file
#   printing/     page, rows, print pack, bench card
#   runs/         a run's clockwork: windows, lateness, readiness
#   timetable/   hours, chains of steps, the planner, ways out of lateness
#   costing/     money in whole cents, a sheet's share
#   comparison    every method for one mark, side by side
#   record/       attempts and faults
#   worked_mark   all that is told of one mark; mark_request reads one from JSON
#   catalogue     what a folder of definitions holds, looked through once
#   formats/      readers and writers, on strings
module UpClose
  LOADER = Zeitwerk::Loader.new
  LOADER.push_dir("#{__dir__}/up_close", namespace: UpClose)
  LOADER.inflector
    .inflect("svg" => "SVG", "woff" => "WOFF", "pdf" => "PDF", "png" => "PNG", "dxf" => "DXF", "ics" => "ICS")
  LOADER.setup

  # Every folder of definitions, looked through once before anything is served.
  # @raise [Errors::BadDefinition] in words, for the first that leaves something out
  def self.check_definitions! = [Methods, Sealing, Surfaces, Suitability::Rules, Artwork::Checks].each(&:all)
end
