# frozen_string_literal: true

# The packer's own parts, each against the plain way of doing the same.
RSpec.describe UpClose::Sheets::Nesting do
  chance = ->(seed) { described_class::Chance.new(seed) }

  def star(chance, corners: 9, size: 20)
    Array.new(corners) do |k|
      [size * (0.3 + 0.7 * chance.share), 2 * Math::PI * k / corners].then do |r, a|
        [r * Math.cos(a) + 25, r * Math.sin(a) + 25]
      end
    end
  end

  describe described_class::Raster do
    it "marks every cell that a shape touches, and none that lies clear of it" do
      5.times do |seed|
        ring = star(chance[seed + 1])
        rows = described_class.call([ring])
        shape = UpClose::Geometry::Region.polygon(ring)
        50.times do |y|
          50.times do |x|
            cell = UpClose::Geometry::Region.box(box(x, y, 1, 1))
            set = rows[y].to_i[x] == 1
            if shape.shape.intersects?(cell.shape) && shape.distance(cell) < 1e-12 && (cell - shape).area < 1 - 1e-9
              expect(set).to(be(true), "#{x}, #{y}")
            end
            expect(shape.distance(cell)).to(be < 1e-9, "#{x}, #{y}") if set
          end
        end
      end
    end

    it "leaves a hole open" do
      rows = described_class.call([[[0, 0], [12, 0], [12, 12], [0, 12]], [[3, 3], [9, 3], [9, 9], [3, 9]]])
      expect([rows[5][5], rows[5][1], rows[5][10]]).to eq [0, 1, 1]
    end
  end

  describe described_class::Cells do
    let(:cells) { described_class.of([star(chance[3])], turn: 0, cell: 1.0) }

    it "is the same set turned half round, and comes back when turned again" do
      expect(cells.reversed.rows.sum { |row| row.digits(2).sum }).to eq cells.rows.sum { |row| row.digits(2).sum }
      expect(cells.reversed.reversed)
        .to have_attributes(rows: cells.rows, left: be_within(1e-9).of(cells.left), top: be_within(1e-9).of(cells.top))
      # its origin lies as far from the other corner
      expect(cells.reversed.left).to be_within(1e-9).of(-(cells.left + cells.width))
    end

    it "knows runs, whatever the row" do
      expect(described_class.runs(0b0011101)).to eq [[0, 1], [2, 3]]
      expect(described_class.runs(0)).to eq []
      200.times { |i|
        row = i * 7919
        expect(described_class.runs(row).sum { |from, long| ((1 << long) - 1) << from }).to eq row
      }
    end

    it "has a core that lies under it wherever it lies on the coarse map" do
      core = cells.core.flat_map { |v, runs| runs.flat_map { |from, long| (from...from + long).map { |u| [u, v] } } }
      expect(core).not_to be_empty
      4.times do |i|
        4.times do |j|
          under = cells.rows.each_with_index.flat_map { |row, y|
            row.digits(2).each_index.select { |x| row[x] == 1 }.map { |x| [(x + i) / 4, (y + j) / 4] }
          }.uniq
          expect(core - under).to be_empty, "begun at #{i}, #{j}"
        end
      end
    end
  end

  describe described_class::Coarse do
    [4, 8].each do |size|
      it "sees #{size} × #{size} cells as one, as counting them does" do
        random, stride, tall = chance[size], 5 * size, 6 * size
        map = (stride * tall).times.sum { |i| (random.share < 0.985) ? 1 << i : 0 }
        cell = ->(u, v) {
          Array.new(size) { |j| Array.new(size) { |i| map[(v * size + j) * stride + u * size + i] } }.flatten
        }
        full = described_class.full(map, stride, tall, size)
        expect(Array.new(30) { |i| full[i] }).to eq(Array.new(30) { |i| cell[i % 5, i / 5].sum / size**2 })
        expect(Array.new(30) { |i| full[i] }.tally.keys).to contain_exactly(0, 1)
        expect(described_class.rows(map, stride, tall, size))
          .to eq(Array.new(6) { |v| Array.new(5) { |u| cell[u, v].first << u }.sum })
      end
    end
  end

  describe described_class::Board do
    # every place tried, row by row
    def plainly(taken, columns, rows, cells)
      (0..rows - cells.height).each do |y|
        (0..columns - cells.width).each do |x|
          return [x, y] if cells.rows.each_with_index.none? { |row, dy| (taken[y + dy] & (row << x)).positive? }
        end
      end
      nil
    end

    it "finds the first free place, as trying every one does, until nothing fits" do
      4.times do |seed|
        random = chance[seed + 40]
        columns, rows = 61 + seed, 90 + 3 * seed
        taken = Array.new(rows, 0)
        # a few cells are gone from the start
        30.times { taken[random.below(rows)] |= 1 << random.below(columns) }
        coarse = [4, 8][seed % 2]
        board = described_class.new(
          columns,
          rows,
          coarse: coarse,
          bits: taken.each_with_index.sum { |row, y| row << (y * columns) }
        )
        loop do
          cells = UpClose::Sheets::Nesting::Cells.of(
            [star(random, size: 4 + 9 * random.share)],
            turn: 0,
            cell: 1.0,
            coarse: coarse
          )
          _, hopes = board.hopes(cells)
          found = hopes && board.find(cells, hopes)
          expect(found).to eq plainly(taken, columns, rows, cells)
          break unless found
          board.take(cells, *found)
          cells.rows.each_with_index { |row, dy| taken[found[1] + dy] |= row << found[0] }
        end
        expect(board.reach).to be > rows / 2
      end
    end
  end

  describe described_class::Boxes do
    # a sheet's inside, cut across again and again
    def jigsaw(random, pieces, width, height)
      found = [[width, height]]
      while found.size < pieces
        w, h = found.delete(found.max_by { |a, b| a * b })
        share = 0.3 + 0.4 * random.share
        found.concat((w > h) ? [[w * share, h], [w * (1 - share), h]] : [[w, h * share], [w, h * (1 - share)]])
      end
      found
    end

    [8, 20, 60].each do |pieces|
      it "lays a sheet cut into #{pieces} boxes within 1.2 sheets, the gap between them" do
        sheet = UpClose::Sheets::Nesting::Blank.new(width_mm: 216, height_mm: 280)
        room = UpClose::Sheets::Nesting::CellRules.new(gap_mm: 2, frame_mm: 8)
        # each box is smaller by the gap, so that the cut sheet is one answer
        parts = jigsaw(chance[pieces], pieces, 202, 266).each_with_index.map do |(w, h), i|
          UpClose::Sheets::Nesting::Part.new(
            id: i,
            outline: [[0, 0], [w - 2, 0], [w - 2, h - 2], [0, h - 2]],
            turns: [0, 90]
          )
        end
        layout = UpClose::Sheets::Nesting::Search.new(parts, leftovers: [], fresh: sheet, room: room, effort: "first")
          .call
        expect(layout.unplaced).to be_empty
        used = (layout.fresh.size - 1) + layout.fresh.last.reach / 280
        expect(used).to be <= 1.2
        regions = layout.fresh.map { |s| s.placements.map(&:region) }
        expect(regions.flat_map { |list| list.combination(2).map { |a, b| a.distance(b) } }.min).to be >= 2 - 1e-6
      end
    end
  end
end

RSpec.describe UpClose::Geometry::Region do
  def square(size, at: 0)
    described_class.polygon([[at, at], [at + size, at], [at + size, at + size], [at, at + size]])
  end

  it "grows by an outline all round, never less than asked: Steiner's formula from above" do
    grown = square(10).grown(2)
    steiner = ->(by) { 100 + 40 * by + Math::PI * by**2 }
    expect(grown.area).to be_between(steiner[2], steiner[2 / Math.cos(Math::PI / 64)])
    expect(grown.rings.first.map { |x, y| Math.hypot([x - 10, -x, 0].max, [y - 10, -y, 0].max) }.min).to be >= 2 - 1e-9
  end

  it "never grows less than asked, whatever the corners and however few the chords" do
    chance = UpClose::Sheets::Nesting::Chance.new(5)
    30.times do
      corners = 3 + chance.below(9)
      shape = described_class.polygon(Array.new(corners) { |k|
        [12 * (0.3 + 0.7 * chance.share), 2 * Math::PI * k / corners].then { |r, a| [r * Math.cos(a), r * Math.sin(a)] }
      })
      [1, 5, 24].each do |quarter|
        expect(shape.grown(1.0, quarter: quarter).shape.exterior_ring.distance(shape.shape)).to be >= 1 - 1e-9
      end
    end
  end

  it "keeps holes through adding, taking away, moving and simplifying" do
    ring = square(10) - square(4, at: 3)
    expect([ring.area, ring.rings.size]).to eq [84, 2]
    moved = ring.mapped(UpClose::Geometry::Transform.turn(30).then(UpClose::Geometry::Transform.move(5, -2)))
    expect([moved.area, moved.rings.size]).to match [be_within(1e-9).of(84), 2]
    expect((ring + square(4, at: 3)).area).to eq 100
    expect(ring.simpler(0.1).area).to eq 84
    expect((square(4) + square(4, at: 20)).parts.map(&:area)).to eq [16, 16]
  end

  it "hands rings over and back without losing a digit" do
    ring = [[0.1, 0.2], [1 / 3.0, 7.7], [Math::PI, Math::E]]
    expect(described_class.polygon(ring).rings.first.map { |p| p.map(&:to_f) }).to match_array ring
    expect(UpClose::Geometry::Wkb.rings(UpClose::Geometry::Wkb.polygon([ring, ring.map { |x, y| [x / 2, y / 2] }]))
      .size).to eq 2
  end

  it "knows what is no area" do
    expect(described_class.polygon([[0, 0], [4, 4], [4, 0], [0, 4]])).not_to be_valid
    expect(square(4) - square(9, at: -1)).to be_empty
    expect(square(5).opened(3)).to be_empty
  end
end
