# frozen_string_literal: true

require "shelves/in_parallel"

# Squares, strips and discs whose distances, areas and neighbours are known without working them out.
RSpec.describe UpClose::Geometry do
  def at(x, y) = UpClose::Geometry::Point[x, y]

  def box(x, y, width, height)
    UpClose::Geometry::Region.box(UpClose::Geometry::Box.new(x: x, y: y, width: width, height: height))
  end

  describe UpClose::Geometry::Edges do
    let(:square) { described_class.new(box(0, 0, 10, 10), reach_mm: 1.0) }

    it "tells the distance to the nearest edge, inside and outside, and nothing beyond its reach" do
      expect(square.within(at(5, 0.4), 1.0)).to be_within(1e-9).of(0.4)
      expect(square.within(at(-3, -4), 6.0)).to be_within(1e-9).of(5)
      expect(square.within(at(5, 5), 4.9)).to be_nil
      expect(square.within(at(5, 5), 5.1)).to be_within(1e-9).of(5)
    end

    it "finds the nearest place of another part, never of the one that is left out" do
      parts = described_class.new([box(0, 0, 4, 4), box(6, 0, 4, 4), box(20, 0, 1, 1)], reach_mm: 2.0)
      place, part = parts.nearest(at(4, 2), 3.0, without: 0)
      expect([place.to_a, part]).to eq [[6.0, 2.0], 1]
      expect(parts.nearest(at(4, 2), 1.9, without: 0)).to be_nil
      expect(parts.nearest(at(4, 2), 3.0, without: 1).first.to_a).to eq [4.0, 2.0]
    end

    it "goes round each ring and comes back, holes the other way than outlines" do
      ringed = described_class.new(box(0, 0, 10, 10) - box(4, 4, 2, 2), reach_mm: 1.0)
      expect(ringed.size).to eq 8
      ringed.size.times { |edge| expect(ringed.before(ringed.after(edge))).to eq edge }
      # the inside lies on the left: a point just left of each edge's middle is within the region
      region = box(0, 0, 10, 10) - box(4, 4, 2, 2)
      ringed.size.times do |edge|
        middle = at((ringed.x0[edge] + ringed.x1[edge]) / 2, (ringed.y0[edge] + ringed.y1[edge]) / 2)
        left = middle + at(-ringed.uy[edge], ringed.ux[edge]) * 0.1
        expect(region.contains?(left)).to be(true), "edge #{edge}"
      end
      expect(ringed.ring_length).to match_array [40.0, 8.0]
    end

    it "puts edges that are within reach of each other into one cell, however long or slanted" do
      slant = described_class.new(
        UpClose::Geometry::Region.polygon([[0, 0], [30, 17], [30, 17.6], [0, 0.6]]),
        reach_mm: 0.7
      )
      facing = UpClose::Geometry::Algorithms::FacingEdges.new(slant, limit_mm: 0.7)
      # 0.6 down, across a slope of 17 in 30: 0.6 × cos(atan(17 ÷ 30))
      expect(facing.widths.first.mm).to be_within(1e-6).of(0.6 * Math.cos(Math.atan(17.0 / 30)))
    end
  end

  describe UpClose::Geometry::Region do
    it "makes discs and strokes of their size" do
      disc = described_class.disc(at(3, 4), 2)
      expect(disc.area).to be_within(0.01).of(Math::PI * 4)
      expect([disc.middle.x, disc.middle.y]).to match [be_within(1e-9).of(3), be_within(1e-9).of(4)]
      stroke = described_class.stroke([at(0, 0), at(10, 0)], 1.0)
      expect(stroke.area).to be_within(0.002).of(10 + Math::PI / 4)
      expect(stroke.box.height).to be_within(1e-9).of(1)
      expect(described_class.none).to be_empty
    end

    it "adds, takes away, shares and differs as areas do" do
      one, other = box(0, 0, 4, 4), box(2, 0, 4, 4)
      areas = [one + other, one - other, one & other, one ^ other].map(&:area)
      expect(areas).to eq [24.0, 8.0, 8.0, 16.0]
      expect(areas[0]).to eq areas[2] + areas[3]
    end

    it "keeps its area when all of it is turned over, and tells how far edges lie apart" do
      two = box(0, 0, 4, 4) + box(10, 0, 2, 2)
      turned = two.mapped_all(UpClose::Geometry::Transform.scale(-1, 1))
      expect([turned.area, turned.parts.size, turned.box.x]).to eq [20.0, 2, -12.0]
      expect(box(0, 0, 4, 4).edge_distance(box(0, 0, 4, 4.5))).to be_within(1e-9).of(0.5)
      expect(two.sketched(0.01).area).to eq 20.0
    end

    it "gives parts that outlive what they were taken from" do
      parts = (box(0, 0, 4, 4) + box(10, 0, 2, 2)).parts
      GC.start
      expect(parts.map(&:area)).to contain_exactly(16.0, 4.0)
    end
  end

  it "writes rings as a path's data, as the writer of paths does" do
    rings = [[[0, 0], [4, 0], [4, 4.12345]], [[1, 1], [2, 1], [2, 2]]]
    data = UpClose::Formats::SVG::PathWriter.rings(rings)
    expect(data).to eq "M0 0L4 0L4 4.123ZM1 1L2 1L2 2Z"
  end

  describe Shelves::InParallel do
    it "answers in order, from processes of their own, and hands a refusal on" do
      answers = described_class.map([3, 2, 1]) { |number| [number * 2, Process.pid] }
      expect(answers.map(&:first)).to eq [6, 4, 2]
      expect(answers.map(&:last).uniq.size).to eq 3
      expect(answers.first.last).to eq Process.pid
      expect { described_class.map([1, 2]) { |n| raise UpClose::Errors::BadBoard.new("no #{n}") if n == 2 } }
        .to raise_error(UpClose::Errors::BadBoard, "no 2")
    end
  end
end
