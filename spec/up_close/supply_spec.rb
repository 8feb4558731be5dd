# frozen_string_literal: true

RSpec.describe UpClose::Methods::Supply do
  {
    ["acetone", 2.43, "ml"] => "2.4 ml of acetone", ["baking medium", 0.05, "ml"] => "a drop of baking medium",
    ["aluminium tape", 21.3, "cm"] => "21 cm of aluminium tape", ["cotton swabs", 4, "swabs"] => "4 cotton swabs",
    ["white rags for alcohol", 1, "rags"] => "1 white rag for alcohol",
    ["etch-proof pen", 0.004, "pens"] => "1 etch-proof pen", ["card", 1.29, "sheets"] => "2 sheets of card",
    ["carbon paper", 0.02, "sheets"] => "part of a sheet of carbon paper"
  }.each do |(title, amount, unit), words|
    it "says “#{words}”" do
      expect(described_class.read("title" => title, "amount" => amount, "unit" => unit).words).to eq words
    end
  end

  it "counts whole things for all copies together, and says where the least amount decides" do
    card = described_class.new(kind: UpClose::Supplies.fetch("card"), amount: 0.3)
    expect([card.words(3), card.words(4)]).to eq ["part of a sheet of card", "2 sheets of card"]
    poured = described_class.new(kind: UpClose::Supplies.fetch("acetone"), amount: 0.2, least: 1)
    expect([poured.words(2), poured.words(9)])
      .to eq ["1 ml of acetone (that is the least you can pour)", "1.8 ml of acetone"]
  end
end
