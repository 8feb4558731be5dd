# frozen_string_literal: true

RSpec.describe UpClose::Surfaces do
  shapes = {
    "rectangle" => {width_mm: 40.0, height_mm: 20.0},
    "rounded-rectangle" => {width_mm: 40.0, height_mm: 20.0, corner_mm: 5.0},
    "disc" => {diameter_mm: 30.0},
    "ellipse" => {width_mm: 40.0, height_mm: 20.0},
    "polygon" => {sides: 6, flats_mm: 30.0},
    "ring" => {outer_mm: 60.0, hole_mm: 38.0}
  }

  it "measures distances worked out by hand" do
    {
      ["rectangle", 15, 0] => 5,
      ["rectangle", 23, 14] => -5,
      ["rounded-rectangle", 18, 8] => 5 - Math.sqrt(18),
      ["rounded-rectangle", 0, 0] => 10,
      ["disc", 3, 4] => 10,
      ["disc", 20, 0] => -5,
      ["ellipse", 0, 0] => 10,
      ["ellipse", 0, 12] => -2,
      ["ellipse", 25, 0] => -5,
      # a² = 400, b² = 100: from (10, 0) the nearest edge is at x = 400·10/300 = 13.33, y = 10√(1 − 4/9)
      ["ellipse", 10, 0] => Math.hypot(40 / 3.0 - 10, 10 * Math.sqrt(5) / 3),
      ["polygon", 0, 10] => 5,
      ["polygon", 0, 18] => -3,
      ["ring", 0, 24] => 5,
      ["ring", 0, 29] => 1,
      ["ring", 10, 0] => -9
    }.each { |(key, x, y), wanted|
      expect(shape(key, **shapes[key]).inside_distance(point(x, y)))
        .to be_within(1e-9).of(wanted), "#{key} at #{x}, #{y}"
    }
  end

  it "measures a polygon across its flats, odd or even" do
    expect(shape("polygon", sides: 6, flats_mm: 30.0).box)
      .to have_attributes(height: be_within(1e-9).of(30), width: be_within(1e-9).of(60 / Math.sqrt(3)))
    expect(shape("polygon", sides: 5, flats_mm: 30.0).box.height).to be_within(1e-9).of(30)
  end

  shapes.each do |key, params|
    it "agrees with its own drawn edge: #{key}" do
      surface = shape(key, **params)
      edge = surface.path.flatten(0.001).flat_map(&:first)
      expect(edge.map { |p| surface.inside_distance(p).abs }.max).to be < 0.001
      inset = surface.inset(3).flatten(0.0002).flat_map(&:first)
      expect(inset.map { |p| surface.inside_distance(p) }).to all(be_within(0.001).of(3))
    end
  end

  # read by a few lines of their own, not by the shop's reader
  def dxf_box(surface)
    vertices = UpClose::Formats::DXF::Writer.call({"OUTLINE" => [surface.path]})
      .scan(/VERTEX\n8\nOUTLINE\n10\n(\S+)\n20\n(\S+)/)
    xs, ys = vertices.map { |pair| pair.map(&:to_f) }.transpose.map(&:minmax)
    [xs[0], -ys[1], xs[1] - xs[0], ys[1] - ys[0]]
  end

  curved = {
    "cup" => {top_mm: 82.0, foot_mm: 60.0, slant_mm: 95.0},
    "cup upside down" => {top_mm: 60.0, foot_mm: 82.0, slant_mm: 95.0},
    "cup almost straight" => {top_mm: 84.0, foot_mm: 76.4, slant_mm: 84.0},
    "cup almost flat" => {top_mm: 200.0, foot_mm: 20.0, slant_mm: 95.0},
    "dome" => {ball_mm: 60.0, cap_mm: 40.0}
  }
  shapes.merge(curved).each do |key, params|
    it "is as large as its own DXF, to a thousandth: #{key}" do
      surface = shape(key[/\S+/], **params)
      expect(dxf_box(surface)).to match(surface.box.to_a.map { |v| be_within(0.001).of(v) })
    end
  end

  it "reaches and keeps off the edges of a ring sector exactly" do
    curved.each_value do |measures|
      next unless measures[:top_mm]
      sector = shape("cup", **measures).unrolled
      12.times do |i|
        way = point(Math.cos(i * 0.53), Math.sin(i * 0.53))
        met = point(3, -4) + way * sector.reach(point(3, -4), way)
        expect(sector.inside_distance(met)).to be_within(1e-9).of(0)
      end
      expect(sector.inset(6).flatten(0.0002).flat_map(&:first).map { |p| sector.inside_distance(p) })
        .to all(be_within(0.001).of(6))
    end
    # b² ÷ a = 9: moved in by 12 the two halves of the curve meet on the long axis
    long = shape("ellipse", width_mm: 200.0, height_mm: 60.0)
    expect(long.inset(12).flatten(0.0002).flat_map(&:first).map { |p| long.inside_distance(p) })
      .to all(be_within(0.001).of(12))
  end

  it "reaches the edge along any ray from inside, and no further" do
    random = Random.new(3)
    shapes.each do |key, measures|
      surface = shape(key, **measures)
      20.times do
        from = point(random.rand(-9.0..9.0), random.rand(-9.0..9.0))
        angle = random.rand * 2 * Math::PI
        way = point(Math.cos(angle), Math.sin(angle))
        expect(surface.rim_distance(from + way * surface.reach(from, way))).to be_within(1e-9).of(0),
          "#{key} from #{from.inspect} along #{way.inspect}"
      end
      expect(surface.reach(point(500, 0), point(1, 0))).to eq 0
    end
  end

  it "is symmetric: a distance does not change in the mirror" do
    shapes.except("polygon").each do |key, params|
      there = [[7, 3], [-7, 3], [7, -3], [-7, -3]].map do |x, y|
        shape(key, **params).inside_distance(point(x, y)).round(9)
      end
      expect(there.uniq.size).to eq(1), key
    end
  end

  it "refuses shapes that contradict themselves" do
    expect { shape("ring", outer_mm: 30.0, hole_mm: 30.0) }.to refuse_saying(/hole is as large/, at: :hole_mm)
    expect { shape("rounded-rectangle", width_mm: 40.0, height_mm: 20.0, corner_mm: 11.0) }
      .to refuse_saying(/rounder than half/, at: :corner_mm)
    expect { shape("polygon", sides: 2, flats_mm: 10.0) }.to refuse_saying(/between 3 and 24/, at: :sides)
    expect { shape("banana") }.to refuse_saying(/no shape called/, at: :shape)
  end
end
