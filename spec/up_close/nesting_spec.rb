# frozen_string_literal: true

require "ffi-geos"

RSpec.describe UpClose::Sheets::Nesting do
  # Everything here is judged by distances that GEOS finds between the outlines as
  # they are told to the outside: nothing of the packer's cells comes into it.
  def geos(ring) = Geos.create_polygon(Geos.create_linear_ring(ring + [ring.first]))

  def lain(placement)
    turn = placement.turn * Math::PI / 180
    geos(placement.part.outline.map { |x, y|
      [x * Math.cos(turn) - y * Math.sin(turn) + placement.x, x * Math.sin(turn) + y * Math.cos(turn) + placement.y]
    })
  end

  def expect_rules_kept(layout, gap:, frame:)
    layout.sheets.each do |sheet|
      lain = sheet.placements.map { |p| lain(p) }
      inside =
        geos([
          [frame, frame],
          [sheet.blank.width_mm - frame, frame],
          [sheet.blank.width_mm - frame, sheet.blank.height_mm - frame],
          [frame, sheet.blank.height_mm - frame]
        ])
          .buffer(1e-7)
      expect(lain.combination(2).map { |a, b| a.distance(b) }.min || gap).to be >= gap - 1e-6
      expect(lain).to all(satisfy { |shape| inside.covers?(shape) })
      sheet.blank.used.each { |ring| expect(lain.map { |shape| shape.distance(geos(ring)) }.min).to be >= gap - 1e-6 }
    end
  end

  def part(id, outline, count: 1, turns: [0, 90, 180, 270], holes: [])
    described_class::Part.new(id: id, outline: outline, count: count, turns: turns, holes: holes)
  end

  def rectangle(width, height) = [[0, 0], [width, 0], [width, height], [0, height]]

  # outlines that bulge and dent, the same on every machine
  def odd_shapes(many, seed: 7)
    chance = described_class::Chance.new(seed)
    Array.new(many) do |i|
      corners, size = 3 + chance.below(9), 4 + 14 * chance.share
      part(
        "odd #{i}",
        Array.new(corners) { |k|
          [size * (0.35 + 0.65 * chance.share), 2 * Math::PI * k / corners].then do |r, a|
            [r * Math.cos(a), r * Math.sin(a)]
          end
        }
      )
    end
  end

  let(:letter) { described_class::Blank.new(width_mm: 215.9, height_mm: 279.4) }

  def search(parts, gap: 2.0, frame: 8.0, leftovers: [], fresh: letter, **how, &block)
    described_class::Search.new(
      parts,
      leftovers: leftovers,
      fresh: fresh,
      room: described_class::CellRules.new(gap_mm: gap, frame_mm: frame),
      effort: "first",
      **how
    )
      .call(&block)
  end

  [[2.0, 8.0], [0.0, 5.0], [0.37, 3.3], [5.0, 12.7]].each do |gap, frame|
    it "keeps a gap of #{gap} and a frame of #{frame} between odd shapes, whatever their turns" do
      layout = search(odd_shapes(24, seed: (gap * 100).round), gap: gap, frame: frame)
      expect([layout.unplaced, layout.placements.size]).to eq [[], 24]
      expect_rules_kept(layout, gap: gap, frame: frame)
    end
  end

  it "turns a part only as it may be turned" do
    grained = odd_shapes(12).map { |p| part(p.id, p.outline, turns: [0]) }
    expect(search(grained).placements.map(&:turn)).to all(eq 0)
    fifteen = search(odd_shapes(6).map { |p| part(p.id, p.outline, turns: (0...360).step(15).to_a) })
    expect_rules_kept(fifteen, gap: 2, frame: 8)
  end

  it "uses up leftovers first, the smallest that takes it, and keeps off what is gone" do
    gone = [[0, 0], [100, 0], [80, 60], [0, 50]]
    small = described_class::Blank.new(id: "offcut", width_mm: 90, height_mm: 60)
    half = described_class::Blank.new(
      id: "half",
      width_mm: 215.9,
      height_mm: 140,
      used: [gone, [[150, 70], [190, 70], [170, 110]]]
    )
    layout = search([part("label", rectangle(60, 30), count: 5)], leftovers: [half, small])
    expect(layout.sheets.map { |s| [s.blank.id, s.placements.size] }.first).to eq ["offcut", 1]
    expect(layout.sheets[1].blank.id).to eq "half"
    expect_rules_kept(layout, gap: 2, frame: 8)
  end

  it "takes little of a leftover too: no plain way of laying the same leaves more of it" do
    half = described_class::Blank.new(id: "half", width_mm: 120, height_mm: 250, used: [rectangle(60, 30)])
    parts = odd_shapes(14, seed: 3)
    found = search(parts, leftovers: [half])
    decoder =
      described_class::Decoder.new(
        described_class::CellRules.new(gap_mm: 2, frame_mm: 8),
        leftovers: [half],
        fresh: letter
      )
    plain = described_class::Search::LEANS.map do |lean|
      decoder.call(parts.sort_by { |p| -p.area }.map { |p| [p, 1] }, lean: lean)
    end
    expect([found, *plain].map { |layout| layout.sheets.map { |s| s.blank.id } }).to all eq ["half"]
    expect(plain.map { |layout| layout.sheets[0].reach }.uniq.size).to be > 1
    expect(found.sheets[0].reach).to be <= plain.map { |layout| layout.sheets[0].reach }.min
  end

  it "lays nothing on a sheet that is all gone, and says what fits on none" do
    all = described_class::Blank.new(id: "gone", width_mm: 100, height_mm: 100, used: [rectangle(100, 100)])
    layout = search([part("label", rectangle(30, 20)), part("banner", rectangle(260, 250))], leftovers: [all])
    expect(layout.sheets.map { |s| s.blank.id }).to eq [nil]
    expect(layout.unplaced.map { |p, copy| [p.id, copy] }).to eq [["banner", 1]]
  end

  it "fills a sheet with boxes to the last one: ⌊(199.9 + 2) ÷ (48 + 2)⌋ × ⌊(263.4 + 2) ÷ (24 + 2)⌋ = 4 × 10" do
    expect(search([part("label", rectangle(48, 24), count: 40, turns: [0])]).fresh.size).to eq 1
    expect(search([part("label", rectangle(48, 24), count: 41, turns: [0])]).fresh.size).to eq 2
  end

  it "lays small parts into the hole of a large one" do
    ring = part("ring", rectangle(190, 250), turns: [0], holes: [[[20, 20], [170, 20], [170, 230], [20, 230]]])
    layout = search([
      ring,
      part("disc", Array.new(24) { |i| [20 * Math.cos(i * Math::PI / 12), 20 * Math.sin(i * Math::PI / 12)] }, count: 6)
    ])
    expect(layout.fresh.size).to eq 1
  end

  it "does better than a tidy person, and never better than what is possible" do
    parts = odd_shapes(40)
    layout = search(parts)
    room = described_class::CellRules.new(gap_mm: 2, frame_mm: 8)
    tidied, listed = %i[tidied listed].map do |way|
      described_class::ByHand.public_send(way, parts, fresh: letter, room: room)
    end
    [tidied, listed].each { |by_hand| expect_rules_kept(by_hand, gap: 2, frame: 8) }
    expect(layout.utilisation / tidied.utilisation).to be > 1.15
    expect(tidied.utilisation).to be > listed.utilisation
    request = described_class::Request.new(
      "fresh" => {"width_mm" => 215.9, "height_mm" => 279.4},
      "parts" => parts.map { |p| {"id" => p.id, "outline" => p.outline} }
    )
    expect(described_class::Report.new(request, layout).area_bound).to be > layout.utilisation
  end

  it "moves a shape as far as GEOS says that it can be, through a hole as well" do
    shapes = odd_shapes(24, seed: 5).map { |p| described_class::Layout::Placement.new(p, 1, 30, 30, 0).ring(p.outline) }
    moved = ->(ring, by) { geos(ring.map { |x, y| [x, y - by] }) }
    shapes.each_slice(2) do |still, ring|
      ring = ring.map { |x, y| [x + 3, y + 40] }
      # the first touch on the way up, by steps and then by halving
      hit = (0..400).find { |i| moved[ring, i / 10.0].intersects?(geos(still)) }
      from, to = [hit - 1, hit].map { |i| i / 10.0 }
      30.times do
        middle = (from + to) / 2 and moved[ring, middle].intersects?(geos(still)) ? to = middle : from = middle
      end
      sliding, other = [ring, still].map { |r| described_class::Sliding.new([r]) }
      expect(sliding.clear(1, other, 60.0)).to be_within(1e-6).of(to)
      expect(sliding.clear(1, other, 5.0)).to eq 5.0
    end
    frame = described_class::Sliding.new([rectangle(100, 100), [[10, 10], [90, 10], [90, 90], [10, 90]]])
    expect(described_class::Sliding.new([[[40, 40], [60, 40], [60, 60], [40, 60]]]).clear(0, frame, 60.0)).to eq 30
  end

  it "settles parts as near as they may be: a box into the corner, a square on its tip under it" do
    room = described_class::CellRules.new(gap_mm: 2, frame_mm: 8)
    lay = ->(id, outline, x, y) { described_class::Layout::Placement.new(part(id, outline), 1, x, y, 0) }
    sheet = described_class::Layout::Sheet.new(
      letter,
      [lay["tip", [[0, -5], [5, 0], [0, 5], [-5, 0]], 15, 32], lay["box", rectangle(10, 10), 13, 14]],
      37
    )
    settled = described_class::Compaction.new(sheet, room).call
    # the box to the frame at 8, 8; the tip 2 under its lower side at 18, its left corner to the frame: 20 + 5, 8 + 5
    expect(settled.placements.map { |p| [p.x, p.y] }.flatten)
      .to match [be_within(0.01).of(13), be_within(0.01).of(25), be_within(0.01).of(8), be_within(0.01).of(8)]
    expect(settled.reach).to be_within(0.01).of(30)
    expect_rules_kept(described_class::Layout.new([settled], []), gap: 2, frame: 8)
  end

  it "gives a layout up as soon as it can no longer be cheaper, and not before" do
    room = described_class::CellRules.new(gap_mm: 2, frame_mm: 8)
    decoder = described_class::Decoder.new(room, leftovers: [], fresh: letter)
    order = odd_shapes(20).map { |p| [p, 1] }
    cost = decoder.call(order).cost
    expect(decoder.call(order, limit: cost).cost).to eq cost
    expect(decoder.call(order, limit: [0, cost[1] - 1])).to be_nil
    # by their near edges instead of their far ones: another layout, the same rules
    other = decoder.call(order, lean: 0.4)
    expect(other.placements.map(&:x)).not_to eq decoder.call(order).placements.map(&:x)
    expect_rules_kept(other, gap: 2, frame: 8)
  end

  it "gives the same layout for the same seed, and stops with the best so far when asked" do
    told = ->(layout) { layout.placements.map { |p| [p.id, p.copy, p.x, p.y, p.turn] } }
    few, parts = odd_shapes(4), odd_shapes(10)
    expect(told[search(few, effort: "good", seed: 3)]).to eq told[search(few, effort: "good", seed: 3)]
    shares = []
    stopped = search(parts, effort: "stretch") { |share| (shares << share).size < 3 }
    expect([shares.size, stopped.placements.size]).to eq [3, 10]
    expect(shares).to eq shares.sort
  end

  it "refuses what is no outline, no sheet and no request, each in a sentence" do
    expect { part("bow", [[0, 0], [10, 10], [10, 0], [0, 10]]) }.to refuse_saying(/bow crosses itself/, at: :parts)
    expect { part("line", [[0, 0], [10, 0], [20, 0]]) }.to refuse_saying(/crosses itself, or has no area/)
    expect { part("none", rectangle(5, 5), count: 0) }.to refuse_saying(/laid 0 times/)
    expect { described_class::Blank.new(width_mm: -3, height_mm: 9) }.to refuse_saying(/-3 × 9 mm/, at: :sheets)
    expect { described_class::Request.new("parts" => [{"id" => "a", "outline" => rectangle(5, 5)}]) }
      .to refuse_saying(/no sheet to lay them on/)
    expect {
      described_class::Request.new(
        "parts" => [{"id" => "a", "outline" => rectangle(5, 5)}],
        "gap_mm" => "wide",
        "fresh" => {"width_mm" => 99, "height_mm" => 99}
      )
    }
      .to refuse_saying(/“gap_mm” is "wide"/, at: :gap_mm)
    expect { search([part("a", rectangle(5, 5))], effort: "heroic") }.to refuse_saying(/There is no search called/)
  end
end
