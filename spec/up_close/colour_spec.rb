# frozen_string_literal: true

RSpec.describe UpClose::ColourDifference do
  # pairs 1, 4, 7, 13, 15, 17, 20, 25, 34 of table 1 in G. Sharma, W. Wu and E. Dalal (2005)
  {
    [[50, 2.6772, -79.7751], [50, 0, -82.7485]] => 2.0425,
    [[50, -1.3802, -84.2814], [50, 0, -82.7485]] => 1.0000,
    [[50, 0, 0], [50, -1, 2]] => 2.3669,
    [[50, -0.001, 2.49], [50, 0.0009, -2.49]] => 4.8045,
    [[50, -0.001, 2.49], [50, 0.0011, -2.49]] => 4.7461,
    [[50, 2.5, 0], [73, 25, -18]] => 27.1492,
    [[50, 2.5, 0], [50, 3.2592, 0.3350]] => 1.0000,
    [[60.2574, -34.0099, 36.2677], [60.4626, -34.1751, 39.4387]] => 1.2644,
    [[2.0776, 0.0795, -1.1350], [0.9033, -0.0636, -0.5514]] => 0.9082
  }.each do |(first, second), expected|
    it "is #{expected} from #{first} to #{second}, and back" do
      expect(described_class.call(first, second)).to be_within(0.00005).of(expected)
      expect(described_class.call(second, first)).to be_within(0.00005).of(expected)
    end
  end

  it "is names a maker would say" do
    names = {
      "#ff0000" => "red",
      "#ffd700" => "yellow",
      "#0a1440" => "navy",
      "#ffffff" => "white",
      "#7a4a22" => "brown",
      "#ffc0cb" => "pink",
      "#000000" => "black"
    }
    expect(names.keys.map { |hex| UpClose::Colour.hex(hex).name }).to eq names.values
  end
end
