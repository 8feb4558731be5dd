# frozen_string_literal: true

RSpec.describe UpClose::Artwork::Setting do
  def set(text, **how)
    UpClose::Artwork::Lettering.new(face("overpass-bold"), text, setting: described_class.new(**how)).drawing
  end

  it "spaces letters by shares of the cap height" do
    plain, wide = set("HHH").ink.box.width, set("HHH", spacing: 0.25).ink.box.width
    expect(wide - plain).to be_within(1e-9).of(0.5)
  end

  it "lays the base line on its arc, tops away from the centre outside and towards it inside" do
    reach = ->(drawing) { drawing.shapes.flat_map { |s| s.path.flatten(0.001).flat_map(&:first) }.map(&:length).minmax }
    # H stands on its base line: nothing nearer the centre than the radius, corners a little further than a cap height
    expect(reach[set("HHHH", side: "outside", radius: 6)]).to match [be_within(0.01).of(6), be_between(7, 7.06)]
    # inside, the base line's corners lie a little beyond the radius
    expect(reach[set("HHHH", side: "inside", radius: 6)]).to match [be_within(0.02).of(5), be_between(6, 6.06)]
    expect(set("HHHH", side: "outside", radius: 6).ink.box.centre.x).to be_within(1e-6).of(0)
  end

  it "draws hollow letters with a stroke of its own width" do
    drawing = set("H", outline: 0.1)
    expect([drawing.shapes.first.fill, drawing.ink.box.height]).to match [nil, be_within(1e-6).of(1.1)]
  end

  it "refuses an arc tighter than the letters" do
    expect { described_class.new(side: "outside", radius: 0.5) }.to refuse_saying(/radius larger/, at: :radius)
  end
end

RSpec.describe UpClose::Artwork::LetteringSet do
  it "reads ranges and lines, and tables" do
    expect(described_class.read("Tender 1…12").values_at(0, 11)).to eq ["Tender 1", "Tender 12"]
    expect(described_class.read("A\nB 08-10\n\nC")).to eq ["A", "B 08", "B 09", "B 10", "C"]
    expect(described_class.from_csv("\uFEFFname;berth\nMary;=2+2\nÅsa;4\n".b)).to eq %w[Mary Åsa]
    expect { described_class.read("N 1…9000") }.to refuse_saying(/9000 members; 500/, at: :set)
  end

  it "measures all with the box of the widest and the tallest" do
    set = described_class.new(face("overpass-bold"), %w[A WWW g])
    boxes = (1..3).map { |n| set.drawing_of(n).ink.box }
    expect(set.ink.box.width).to be_within(1e-6).of(boxes.map(&:width).max)
    expect(set.ink.box.bottom).to be_within(1e-6).of(boxes.map(&:bottom).max)
    expect([set.widest, set.drawing_of(4)]).to match [2, be(set.drawing_of(1))]
  end

  it "names the letters its font lacks" do
    expect { described_class.new(face, ["Mary", "Мария"]) }.to refuse_saying(/has no “М”/, at: :text)
  end
end
