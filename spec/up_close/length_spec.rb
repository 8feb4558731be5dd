# frozen_string_literal: true

RSpec.describe UpClose::Measure::Length do
  it "reads lengths as makers say them" do
    said = {
      "63.5" => 63.5,
      "6,35 cm" => 63.5,
      "6.35cm" => 63.5,
      '2 1/2"' => 63.5,
      "2½ in" => 63.5,
      "2-1/2 inches" => 63.5,
      "7/16" => 11.1125,
      "⅜″" => 9.525,
      "1' 2 1/2\"" => 368.3,
      "15 thou" => 0.381,
      "0.25 m" => 250,
      " 38 MM " => 38,
      ".5in" => 12.7,
      "1 500" => 1500,
      "2 ft" => 609.6
    }
    said.each { |text, wanted| expect(mm(text)).to be_within(1e-9).of(wanted), text }
    expect(mm("3", unit: "in")).to be_within(1e-9).of(76.2)
  end

  it "refuses what is no length, in a plain sentence at its field" do
    {
      "" => /Type a length/,
      "wide" => /“wide” is not a length/,
      "1/0" => /not a length we can read/,
      "5 in 3 mm" => /not a length we can read/,
      "3 4 5" => /not a length we can read/,
      "1e9" => /not a length we can read/,
      "0" => /must be above 0/,
      "-4" => /must be above 0/,
      "3 m" => /too long.*2000 mm/,
      "2001" => /too long/,
      "0.0001" => /too small/
    }.each do |text, words|
      expect { UpClose::Measure::LengthReader.new(field: :width).read(text) }.to refuse_saying(words, at: :width), text
    end
  end

  it "writes to a tenth, or in fractions of an inch" do
    expect([38.04, 12.36, -0.04].map { |v| writer.figure(v) }).to eq ["38.0", "12.4", "0.0"]
    expect([63.5, 11.1125, 25.4, 38.0].map { |v| writer("in").figure(v) }).to eq ["2 1/2", "7/16", "1", "1 1/2"]
  end

  it "shows in a field what reads back the same" do
    [0.381, 12.7, 38.0, 63.5, 101.6, 368.3, 1999.9].product(%w[mm in]).each do |value, unit|
      expect(mm(writer(unit).field(value), unit: unit)).to be_within(0.001).of(value), "#{value} in #{unit}"
    end
  end

  it "is a value: equal, ordered, unrounded" do
    expect(described_class.inches(1)).to eq described_class.mm(25.4)
    expect([described_class.mm(3), described_class.mm(1)].min).to eq described_class.mm(1)
    expect((described_class.mm(1) / 3 * 3).mm).to eq 1.0
    expect(described_class.mm(1)).to be_frozen
  end
end
