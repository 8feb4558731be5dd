# frozen_string_literal: true

RSpec.describe UpClose::Artwork::Face do
  letters = [*"A".."Z", *"a".."z", *"0".."9"]

  Shelves::FontShelf.names.each_key do |key|
    it "draws every letter and figure where it should stand: #{key}" do
      one = face(key)
      letters.each do |char|
        drawn = one.outline(char).box
        expect(drawn).not_to be_nil, char
        # within the em, above a descender, no wilder than the letter is wide
        expect(drawn.y).to be > -1.6 * one.units, char
        expect(drawn.bottom).to be < 0.6 * one.units, char
        expect(drawn.width).to be_between(0.02 * one.units, 1.6 * one.units), char
      end
    end

    it "closes every contour, so that it can be filled: #{key}" do
      commands = letters.flat_map { |char| face(key).outline(char).commands.map(&:first) }
      expect(commands.count(:move)).to eq commands.count(:close)
    end
  end

  it "is as wide for whoever asks first, though sixteen ask a cold face at once" do
    bytes = File.binread(Shelves::FontShelf.path("roboto-slab-bold"))
    widths = lambda do
      cold = described_class.new(key: "cold", name: "Cold", bytes: bytes)
      Array.new(16) { |i|
        Thread.new do
          UpClose::Artwork::Lettering.new(cold, %w[Wrenfold Sandpiper][i % 2]).drawing.ink.box.width.round(9)
        end
      }
        .map(&:value)
    end
    right = widths.call.first(2)
    12.times { expect(widths.call).to eq right * 8 }
  end

  it "is as wide for whoever asks first, two hundred times over", slow: true do
    bytes = File.binread(Shelves::FontShelf.path("overpass-bold"))
    found = Array.new(200) do
      cold = described_class.new(key: "cold", name: "Cold", bytes: bytes)
      Array.new(16) { Thread.new { UpClose::Artwork::Lettering.new(cold, "Wrenfold").drawing.ink.box.width.round(9) } }
        .map(&:value)
    end
    expect(found.flatten.uniq.size).to eq 1
  end

  it "puts accents together from their parts" do
    slab = face("roboto-slab-bold")
    expect(slab.outline("é").box.y).to be < slab.outline("e").box.y - 0.05 * slab.units
    expect(slab.outline("é").box.bottom).to be_within(1).of(slab.outline("e").box.bottom)
  end

  it "knows what it lacks" do
    expect([face.has?("A"), face.has?(" "), face.has?("ж"), face.has?("鷺")]).to eq [true, true, false, false]
  end

  it "measures heights on the letters themselves" do
    overpass = face("overpass-bold")
    expect(overpass.cap_height / overpass.units).to be_within(0.001).of(0.7)
    expect(overpass.x_height).to be_between(0.6 * overpass.cap_height, 0.8 * overpass.cap_height)
  end

  it "sets a line as long as its letters and their kerning" do
    slab = face("roboto-slab-bold")
    apart = slab.advance("A") + slab.kern("A", "V")
    placed = UpClose::Artwork::Lettering.line(slab, "AV").box
    alone = slab.outline("V").box
    expect(placed.right).to be_within(0.001).of(apart + alone.right)
  end
end
