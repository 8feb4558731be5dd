# frozen_string_literal: true

# Outlines that nobody drew for this: letters of the shipped fonts, with their holes, 8 to 60 mm.
module RealOutlines
  LETTERS = [*"A".."Z", *"a".."z", *"0".."9", "&", "?", "@"].freeze

  module_function

  def call(count, seed: 11, largest: 60)
    chance = UpClose::Sheets::Nesting::Chance.new(seed)
    fonts = Shelves::FontShelf.names.keys.map { |key| Shelves::FontShelf.fetch(key) }
    found = []
    found << part(
      fonts[found.size % fonts.size],
      LETTERS[chance.below(LETTERS.size)],
      8 + (largest - 8) * chance.share**1.6,
      found.size
    ) until found.compact.size >= count || found.size > 3 * count
    found.compact.first(count)
  end

  # the same ones as marks are cut: their hull and 3 mm round it, less round small ones
  def cut(count)
    call(count).map do |part|
      points = part.outline.map { |x, y| UpClose::Geometry::Point[x, y] }
      side = part.outline.transpose.map { |v| v.minmax.reduce(:-).abs }.max
      border = [3.0, 0.15 * side].min
      hull = UpClose::Geometry::Region.polygon(UpClose::Geometry::Algorithms::ConvexHull.call(points).map { |p|
        [p.x, p.y].map { |v| v * (side - 2 * border) / side }
      })
      UpClose::Sheets::Nesting::Part.new(
        id: part.id,
        outline: hull.grown(border).simpler(0.02).rings.first,
        turns: part.turns
      )
    end
  end

  # the largest loop and what lies in it, so large along its longer side
  def part(font, letter, size, number)
    drawing = UpClose::Artwork::Lettering.new(font, letter).drawing
    scale = size / [drawing.ink.box.width, drawing.ink.box.height].max
    rings = drawing.shapes.flat_map { |shape|
      shape.path.flatten(0.05 / scale).map { |points, _| points.map { |p| [p.x * scale, p.y * scale] } }
    }.select { |ring|
      ring.uniq.size > 2
    }.map { |ring|
      UpClose::Geometry::Ring.new(ring.map { |x, y| UpClose::Geometry::Point[x, y] })
    }.sort_by do |ring|
      -ring.area
    end
    outline, *rest = rings
    holes = rest.select { |ring| outline.contains?(ring.points.first) && ring.area > 1 }
    UpClose::Sheets::Nesting::Part.new(
      id: "#{letter} #{number}",
      outline: outline.points.map(&:to_a),
      holes: holes.map { |ring| ring.points.map(&:to_a) },
      turns: [0, 90, 180, 270]
    )
  rescue UpClose::Error
    nil
  end
end
