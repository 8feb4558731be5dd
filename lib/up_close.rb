# frozen_string_literal: true

require "zeitwerk"

# The core: the rules and the computation of the job, and nothing else.
# It knows no web, no database, no file system, no clock and no chance. No two folders lean on each other.
#
# What is given
#   geometry/     point, box, transform, path, region; algorithms/ one a file
#   graphics/     painted paths and pixels, as readers give them and writers take them
#   colour        colours, their difference (CIEDE2000) and their names
#   measure/      lengths: how people type and read them; outlines and photos measured
#   formats/      readers and writers of open formats, on strings
#
# The piece and what goes on it
#   surfaces/     one shape a file: where a mark can lie on it, how it unrolls, what strain it takes
#   artwork/      drawing, picture and the ink they hold
#     opening/      a file's bytes become artwork
#     lettering/    faces, words set in them, sets, the font like one in a photo
#     preparing/    one step a file; a recipe is several in order
#     raster/       the artwork as pixels at its final size, and what is measured on them
#     thinness/     local width of ink and of gaps
#     checks/       one check a file
#     appearance/   the look on the piece, the loupe
#   placing/      clearances, largest size, pencil lines, repeats, the first place
#   covering/     a picture behind a piece's outline: how far beyond, what stays bare, what is pinned
#   composing/    several marks on one piece: layers, what each snaps to, what is in line
#   register/     finding a place where there are no corners: straps, centring rings, cut-outs
#   cutting/      lines to cut out along; lines/ one a file
#
# How it is made
#   purposes/     what a mark is for, one a file
#   methods/      one way of transferring a file; orientation by image turns; steps
#   afterwards/   what is done to the piece after the transfer, one a file: burn, engrave, etch …
#   etching/      baths, one a file; undercut, current, laps
#   etch_finishes/ what is done to an etched plate, one a file: patina, paint in the lines …
#   engraving     tools against lines: width, depth, passes
#   boards/       circuit boards: gerber/ and excellon/ read and written, checks/ one a file, a plate of several
#   templates/    what is cut of a sheet: islands and bridges, windows, folds, stepping strips
#   sealing/      one sealer a file
#   whole_work    the transfer, what comes after it and the finish, as one list of steps
#   suitability/  rules/ one a file: what works with what
#   supplies/     what work uses up beside sheets, by key
#   sheets/       stock, spares, what is left of a sheet; nesting/ lays outlines out
#   printing/     pages, packs, tiles, calibration, bench card
#
# When, for how much, how well
#   runs/         a run's clockwork: windows, lateness, readiness
#   rounds/       one piece after the other: rounds, lots of prints, a run's steps written out
#   timetable/    hours, task chains, the planner, ways out of lateness
#   costing/      money in whole cents, a sheet's share, an estimate
#   comparison    every method for one mark, side by side
#   record/       faults, chances and limits learned from attempts
#   statistics/   what can be said of a chance from what was counted, and how sure
#   coupons/      printed tests, read from a photo: limits, and the best of a grid of settings
#   diagnosis/    what went wrong: causes/ one a file, weighed by an attempt's facts; questions/ that separate them
#   worked_mark   all that is told of one mark; mark_request reads one from JSON
#
# What all of them use: finding, working, cautions, materials, errors, value, asked_values (of a request),
# declarations and catalogue (the words of a definition, and a folder of them)
module UpClose
  LOADER = Zeitwerk::Loader.new
  LOADER.push_dir("#{__dir__}/up_close", namespace: UpClose)
  LOADER.inflector
    .inflect("svg" => "SVG", "woff" => "WOFF", "pdf" => "PDF", "png" => "PNG", "dxf" => "DXF", "ics" => "ICS")
  # folders that sort files and name nothing
  LOADER.collapse(%w[opening lettering raster appearance].map { |folder| "#{__dir__}/up_close/artwork/#{folder}" })
  LOADER.setup

  DEFINITIONS = %w[
    Purposes Methods Afterwards Etching::Baths EtchFinishes Boards::Checks Sealing Surfaces Suitability::Rules
    Artwork::Checks Diagnosis::Questions Diagnosis::Causes
  ].freeze

  # Every folder of definitions, looked through once before anything is served.
  # @raise [Errors::BadDefinition] in words, for the first that leaves something out
  def self.check_definitions! = DEFINITIONS.map { |name| const_get(name) }.each(&:all)
end
