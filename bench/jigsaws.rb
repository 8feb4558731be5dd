# frozen_string_literal: true

# Sheets cut into pieces, so that one sheet is a known answer.
module Jigsaws
  GAP = 2.0
  FRAME = 8.0

  module_function

  # Boxes: the larger side is cut somewhere in its middle third, again and again.
  # @return [Array<UpClose::Sheets::Nesting::Part>]
  def boxes(count, chance, sheet)
    found = [[sheet.width_mm - 2 * FRAME + GAP, sheet.height_mm - 2 * FRAME + GAP]]
    while found.size < count
      w, h = found.delete_at(found.each_index.max_by { |i| found[i].reduce(:*) })
      share = 0.3 + 0.4 * chance.share
      found.concat((w > h) ? [[w * share, h], [w * (1 - share), h]] : [[w, h * share], [w, h * (1 - share)]])
    end
    found.each_with_index.map { |(w, h), i| part(i, [[0, 0], [w - GAP, 0], [w - GAP, h - GAP], [0, h - GAP]], [0, 90]) }
  end

  # Polygons: the largest piece is cut by a line near its middle, at any angle; each
  # piece loses half the gap all round, and is turned by quarters.
  def polygons(count, chance, sheet)
    x, y = FRAME - GAP / 2, FRAME - GAP / 2
    right, bottom = sheet.width_mm - x, sheet.height_mm - y
    found = [[[x, y], [right, y], [right, bottom], [x, bottom]]]
    found
      .concat(halves(found.delete_at(found.each_index.max_by { |i| area(found[i]) }), chance)) while found.size < count
    found.each_with_index.map { |ring, i| part(i, about_its_own(shrunk(ring), chance.below(4)), [0, 90, 180, 270]) }
  end

  def part(number, outline, turns) = UpClose::Sheets::Nesting::Part.new(id: number, outline: outline, turns: turns)

  def area(ring) = ring.each_index.sum { |i| ring[i - 1][0] * ring[i][1] - ring[i][0] * ring[i - 1][1] }.abs / 2

  def halves(ring, chance)
    middle = [0, 1].map { |axis| ring.sum { |p| p[axis] } / ring.size + 12 * (chance.share - 0.5) }
    angle = Math::PI * chance.share
    side = ->(p) { (p[0] - middle[0]) * Math.sin(angle) - (p[1] - middle[1]) * Math.cos(angle) }
    [1, -1].map { |sign| cut(ring) { |p| side[p] * sign } }
  end

  # what of a convex ring lies where the block is above nought
  def cut(ring)
    ring.each_with_index.flat_map do |p, i|
      q = ring[i - 1]
      a, b = yield(q), yield(p)
      crossing = (a * b < 0) ? [[0, 1].map { |axis| q[axis] + (p[axis] - q[axis]) * a / (a - b) }] : []
      crossing + ((b >= 0) ? [p] : [])
    end
  end

  def shrunk(ring)
    UpClose::Geometry::Region
      .new(UpClose::Geometry::Region.polygon(ring).shape.buffer(-GAP / 2, join: :mitre, mitre_limit: 20.0))
      .rings
      .first
  end

  def about_its_own(ring, quarters)
    x, y = ring.first
    ring.map { |px, py| quarters.times.reduce([px - x, py - y]) { |(a, b), _| [-b, a] } }
  end
end
