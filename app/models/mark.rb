# frozen_string_literal: true

# One artwork on one piece at an exact size and place, by one method.
class Mark < ApplicationRecord
  belongs_to :piece
  belongs_to :artwork, optional: true
  has_many :runs, -> { order(:id) }, inverse_of: :mark
  has_many :layout_marks, inverse_of: :mark
  has_many :layouts, -> { order(:id) }, through: :layout_marks
  has_many :attempts, -> { order(:copy, :id) }, inverse_of: :mark

  scope :live, -> { where(put_away_at: nil) }

  def job = piece.job

  # @return [PreparedArtwork] the artwork as this mark prints it
  def design = @design ||= PreparedArtwork.new(self)

  def forget_design = @design = nil

  def reload(*)
    forget_design
    @neighbours = @own_printer = nil
    super
  end

  def method_core = way && UpClose::Methods.fetch(way)

  # a school of the shop's own, while there is one
  # @return [OwnSchool, nil]
  def own_school = picked["own_school"] && OwnSchool.find_by(id: picked["own_school"], way: way)

  def stock_core = stock && UpClose::Sheets::Stock.fetch(stock)

  def sealer_core = UpClose::Sealing.fetch(sealer)

  # how many coats of it it gets
  def coats_wanted = sealer_core.coats.zero? ? 0 : coats || sealer_core.coats

  # @return [UpClose::Methods::MethodChoice, nil]
  def setting
    return unless way
    UpClose::Methods::MethodChoice.new(
      method: method_core, printer: printer, stock: stock_core, picked: schools, own: own_school&.steps,
      material: piece.material_core, finish: piece.finish_core, copies: copies_wanted, pieces: good_wanted,
      size: mark_size, coat_mm2: UpClose::Surfaces.coated_mm2(piece.to_core), border_mm: laying["border_mm"],
      tray: ShopTime.current["oven"], coats: coats
    )
  end

  # @return [Hash{Symbol => String}] the schools picked, a maker's own aside
  def schools = picked.except("own_school").transform_keys(&:to_sym)

  # what was found when it was looked at as it is now
  # @return [Hash, nil]
  def looked = (checked if checked && artwork && width_mm && checked["key"] == design.checks_key)

  # @return [MarkStops]
  def stops = MarkStops.new(self)

  # how large it is, for times and amounts; the usual size while it has none
  # @return [UpClose::Methods::MarkSize]
  def mark_size
    return UpClose::Methods::MarkSize::USUAL unless width_mm && artwork
    UpClose::Methods::MarkSize.new(
      width_mm: width_mm,
      height_mm: height_mm,
      coverage: checked&.fetch("coverage", nil),
      line_mm: line_mm
    )
  end

  # mm of line to follow, as last looked at and grown with the mark since
  def line_mm = checked && checked["line_mm"] && checked["line_mm"] * width_mm / checked["width_mm"]

  # All that can be told of it by the way it is done: the object that the command line asks too.
  # @param on [UpClose::Sheets::Stock, nil] it might be printed on; its own when nil
  # @param at [UpClose::Placing::Placement, nil] a place to try
  # @return [UpClose::WorkedMark, nil] nil before its method is chosen
  def worked(on: nil, at: placement)
    return unless way
    stock = on || setting.stock
    UpClose::WorkedMark.new(
      shape: piece.to_core,
      ink: artwork && ink_for_piece,
      placement: at,
      clearance_mm: clearance_mm,
      setting: on ? setting.with(stock: on) : setting,
      sealer: sealer_core,
      situation: situation(stock: on || stock_core),
      reading: reading_core,
      record: Attempt.record_of(way, printer, stock.key),
      climate: ShopTime.current.climate,
      coverage: checked&.fetch("coverage", nil),
      **priced_by
    )
  end

  # what its cost is worked out from
  # @return [Hash]
  def priced_by
    {
      prices: ShopPrices.list,
      hour_cents: Preference.get("hour_cents").to_i,
      paper: UpClose::Printing::Paper.fetch(paper),
      allowances: allowances
    }
  end

  # @return [UpClose::Methods::Orientation, nil]
  def reading_core
    way &&
      UpClose::Methods::Orientation.new(method_core, seen_through: piece.seen_through, override: reading, picked: schools)
  end

  # @param stock [UpClose::Sheets::Stock] it might be printed on
  # @return [UpClose::Suitability::Situation, nil]
  def situation(stock: stock_core)
    return unless way
    UpClose::Suitability::Situation.new(
      method: method_core,
      printer: printer,
      stock: stock,
      material: piece.material_core,
      finish: piece.finish_core,
      colour: piece.colour_core,
      sealer: sealer_core,
      setting: stock ? setting.with(stock: stock) : setting,
      **wanted
    )
  end

  # what is asked of any method: the use, the room, its size; the artwork's finest line, greys and colours as last
  # looked at
  # @return [Hash]
  def wanted
    {
      use: piece.uses,
      fumes: Preference.get("fumes"),
      finest_mm: finest_mm,
      tones: (checked && checked["tones"]) == true,
      size_mm: (width_mm && artwork) ? [width_mm, height_mm] : nil,
      palette: checked && checked["palette"]&.then { |kept| UpClose::Artwork::Palette.from(kept) }
    }
  end

  # the width that 99 % of its lines exceed, grown with the mark since it was looked at
  def finest_mm
    checked &&
      checked["finest_mm"] &&
      checked["finest_mm"] * (width_mm ? width_mm / (checked["width_mm"] || width_mm) : 1)
  end

  def placement
    width_mm && UpClose::Placing::Placement.new(width_mm: width_mm, x_mm: x_mm, y_mm: y_mm, turn_deg: turn_deg)
  end

  # round a hole or a place kept off, the silhouette decides, not the hull
  def ink_for_piece = piece.to_core.hole? ? design.whole_ink : design.ink

  # @param at [UpClose::Placing::Placement] another place to try
  # @return [UpClose::Placing::FitSearch]
  def room(at = placement)
    UpClose::Placing::FitSearch.new(shape: piece.to_core, ink: ink_for_piece, placement: at, clearance_mm: clearance_mm)
  end

  # @return [UpClose::Placing::Repeats]
  def repeats_core = UpClose::Placing::Repeats.from_h(repeats)

  # the ink of every repeat, the first one first
  # @return [Array<UpClose::Placing::PlacedInk>]
  def all_placed(at = placement)
    repeats_core.placements(at).map { |p| UpClose::Placing::PlacedInk.new(ink_for_piece, p) }
  end

  # other marks that lie on the same piece
  # @return [Array<Mark>]
  def neighbours
    @neighbours ||= piece.marks
      .live
      .where
      .not(id: id)
      .where
      .not(width_mm: nil)
      .where
      .not(artwork_id: nil)
      .includes(:artwork)
      .to_a
  end

  # @return [UpClose::Placing::Registration]
  def registration(writer, at = placement)
    UpClose::Placing::Registration.new(
      shape: piece.to_core,
      placed: UpClose::Placing::PlacedInk.new(design.ink, at),
      border_mm: setting&.border_mm || 3.0,
      face_down: way ? boxed? : false,
      writer: writer
    )
  end

  def height_mm = width_mm && width_mm * design.aspect

  # the size that its file says it has, while nothing is done to it
  # @return [Array(Float, Float), nil] width and height
  def own_size
    width = !design.prepared? && artwork.natural_width_mm
    [width, width * design.aspect] if width
  end

  # whether it would lie on the piece at its own size, where it lies now
  def own_size_fits? = room(placement.with(width_mm: own_size.first)).clearance >= 0

  # what a copy of a set reads; nil when all are alike
  def reads(copy) = artwork&.set? ? artwork.members[(copy - 1) % artwork.members.size] : nil

  # good ones: one for each piece, each member of a set, each repeat
  def good_wanted = artwork&.members&.size || piece.count * repeats_core.count

  # what is printed: as many, unless the maker says otherwise
  def copies_wanted = copies || good_wanted

  # how likely a try is to succeed, and how many to print
  # @param on [UpClose::Sheets::Stock, nil]
  # @return [UpClose::Sheets::Spares]
  def spares(on: nil) = worked(on: on).spares

  # the lines to cut along, sheet by sheet, each copy by its number
  # @return [Array<Hash{String => Array<UpClose::Geometry::Path>}>]
  def cut_lines
    found = (layout unless tiled?) or return pack.cells.group_by(&:sheet).values.map { |cells|
      sheet_line(pack.paper.width_mm, pack.paper.height_mm)
          .merge(cells.to_h { |cell| ["COPY #{cell.copy}", [UpClose::Geometry::Path.polygon(cell.box.corners)]] })
    }
    found.cut_lines.zip(found.to_core).map do |lines, sheet|
      sheet_line(sheet.width_mm, sheet.height_mm)
        .merge(lines.to_h { |place, line| ["COPY #{found.label(place)}", [UpClose::Geometry::Path.polygon(line)]] })
    end
  end

  def sheet_line(width, height)
    {"SHEET" => [
      UpClose::Geometry::Path.polygon(UpClose::Geometry::Box.new(x: 0, y: 0, width: width, height: height).corners)
    ]}
  end

  # @return [UpClose::Printing::Pack, UpClose::Printing::TiledPack]
  # @raise [UpClose::Errors::DoesNotFit]
  def pack
    whole = {
      artwork: design.drawn,
      ink: design.ink,
      width_mm: width_mm,
      mirrored: reading_core.mirrored?,
      copies: copies_wanted,
      paper: UpClose::Printing::Paper.fetch(paper),
      border_mm: setting.border_mm,
      heading: heading,
      margins: UpClose::Printing::Margins.keeping(allowances, unprintable)
    }
    if tiled?
      return UpClose::Printing::TiledPack.new(
        **whole,
        overlap_mm: laying["overlap_mm"] || UpClose::Printing::TiledPack::OVERLAP
      )
    end
    UpClose::Printing::Pack.new(**whole, windows: boxed?)
  end

  # what can be done when it does not fit on its paper in rows
  # @param on [String] a key of Printing::Paper
  # @return [UpClose::Sheets::TooLarge]
  def too_large(on: paper)
    UpClose::Sheets::TooLarge.new(
      paper: UpClose::Printing::Paper.fetch(on),
      allowances: allowances,
      unprintable: unprintable,
      width_mm: width_mm,
      aspect: design.aspect,
      border_mm: setting.border_mm,
      outline: cut_outline
    )
  end

  # larger than a sheet, and printed in parts
  def tiled? = laying["tiles"] == true

  # laid out freely, with leftovers, perhaps with other marks; nil when the copies stand in rows on fresh sheets
  def layout = layouts.last.then { |found| found if found && %w[laid printed].include?(found.state) && found.as_laid? }

  def outline_key
    Digest::SHA256
      .hexdigest([cut_outline, copies_wanted, paper, stock, printer, *(laying["overlap_mm"] if tiled?)].to_json)[0, 20]
  end

  # @return [UpClose::Sheets::Allowances]
  def allowances = UpClose::Sheets::Allowances.from_h(laying)

  # other marks that wait for the same stock and printer, and are not yet printed
  # @return [Array<Mark>]
  def waiting_with
    Mark.live.where(stock: stock, printer: printer).where.not(id: id).where.missing(:runs).preload(
      :artwork,
      :layouts,
      piece: :job
    ).order(:id)
      .select { |mark| mark.placed? && !mark.layouts.last&.printed? && !mark.piece.job.put_away_at }
  end

  # paper that is laid face down is trimmed to a box that registers
  def boxed? = method_core.passages(schools).any?(&:turned?)

  # @return [UpClose::Printing::Pack, UpClose::Printing::NestedPack]
  def print_pack
    return pack if tiled?
    found = layout or return pack
    UpClose::Printing::NestedPack.new(
      kinds: found.kinds,
      laid: found.to_core,
      heading: found.heading,
      gap_mm: found.allowances.gap
    )
  end

  # how its copies are drawn on a sheet that is laid out freely
  # @return [UpClose::Printing::NestedPack::Kind]
  def sheet_kind(boxed: boxed?)
    UpClose::Printing::NestedPack::Kind.new(
      copy: printed_copy,
      ink: design.ink,
      width_mm: width_mm,
      outline: cut_outline(boxed: boxed),
      boxed: boxed,
      mirrored: reading_core.mirrored?
    )
  end

  # the printer it goes to, when one is known
  # @return [Printer, nil]
  def own_printer = @own_printer ||= Printer.for(printer)

  # marks that share its sheets and method, are not begun, and that nothing refuses
  # @return [Array<Mark>]
  def companions
    (layout&.marks.to_a - [self]).select { |other| other.way == way && other.run.nil? && other.stops.open.empty? }
  end

  # margins its printer cannot reach
  # @return [Hash{Symbol => Float}]
  def unprintable = own_printer&.margins_core || {}

  # ink that is still wet when it leaves the printer
  def wet? = printer == "inkjet"

  # what is known of its printer, told of the copies as they lie on each sheet
  # @return [Array<UpClose::Finding>]
  def fault_findings
    faults = own_printer&.faults or return []
    lines = cut_lines.map do |sheet|
      sheet.except("SHEET").to_h { |name, paths| [name.delete_prefix("COPY "), paths.first.flatten(0.1).first.first] }
    end
    [faults.track_finding(lines.reduce({}, :merge), wet: wet?), faults.ghost_finding(lines.first || {})].compact
  end

  # the same pages as that printer must be given them
  # @return [UpClose::Printing::Compensated]
  def pack_to_print = UpClose::Printing::Compensated.new(print_pack, own_printer&.current&.to_core)

  def printed_copy
    UpClose::Printing::Copy.new(
      artwork: design.drawn,
      ink: design.ink,
      mirrored: reading_core.mirrored?,
      border_mm: setting.border_mm,
      windows: boxed?
    )
  end

  OUTLINES = Shelves::LruCache.new(most: 200)

  # about the middle of the ink, as it lies on the sheet
  def cut_outline(boxed: boxed?)
    how = {width_mm: width_mm, border_mm: setting.border_mm, boxed: boxed, mirrored: reading_core.mirrored?}
    OUTLINES.fetch([design.signature, how]) { UpClose::Sheets::CutOutline.call(design.ink, **how) }
  end

  def heading = UpClose::Printing::Heading.new(title: "#{job.title} · #{title}", stock: setting.stock)

  # sheets in the drawer that suit its stock and printer
  def suiting_sheets = StockSheet.suiting(setting.stock.key, printer)

  # the whole work, sealing included, as long as this room makes it
  # @return [Array<UpClose::Methods::Step>]
  def steps_core = worked.steps

  # good ones that are still missing
  def short = good_wanted - attempts.count { |attempt| attempt.result != "spoilt" }

  # how many more to print so that what is missing comes out
  def more_to_print
    way = spares
    UpClose::Sheets::Spares.new([short, 1].max, start: way.chance, on_a_miss: way.on_a_miss).print || short
  end

  # all wanted are good, and the last coat has cured
  # @param now [Time]
  def done?(now) = run&.finished? && short <= 0 && run.clockwork.ready_at(now.to_f) <= now.to_f

  def title = artwork ? artwork.name : "New mark"

  def run = runs.last

  def placed? = !placed_at.nil? && !width_mm.nil? && !artwork.nil?
end
