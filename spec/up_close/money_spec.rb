# frozen_string_literal: true

RSpec.describe UpClose::Costing::Money do
  it "reads prices as they are typed and writes them back, to the cent" do
    {"12" => 1200, "12.5" => 1250, "0,05" => 5, " 7.99 " => 799}.each do |text, cents|
      expect(described_class.read(text)).to eq cents
    end
    expect([1250, 5, 0, 99.5].map { |c| described_class.write(c) }).to eq %w[12.50 0.05 0.00 1.00]
    ["", "-3", "twelve", "1.234", "12 50"].each do |text|
      expect { described_class.read(text) }.to refuse_saying(/is not a price we can read/, at: :price)
    end
  end

  it "shares cents out whole, the odd ones to whom rounding cost most" do
    # 100 by 1 : 1 : 1 is 33.3 each; 10 by 1 : 2 : 4 is 1.43, 2.86, 5.71
    expect(described_class.share(100, [1, 1, 1])).to eq [34, 33, 33]
    expect(described_class.share(10, [1, 2, 4])).to eq [1, 3, 6]
    random = Random.new(7)
    200.times do
      cents, weights = random.rand(0..9999), Array.new(random.rand(1..9)) { random.rand(1..900) / 7.0 }
      shares = described_class.share(cents, weights)
      expect(shares.sum).to eq cents
      expect(shares.zip(weights).map { |share, w| (share - cents * w / weights.sum).abs }).to all be < 1
    end
  end
end
