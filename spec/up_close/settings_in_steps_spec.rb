# frozen_string_literal: true

RSpec.describe UpClose::Coupons::SettingsInSteps do
  def axis(key, *values) = UpClose::Coupons::Setting.find(key).axis(values)

  let(:heat) { axis("heat", 160, 180) }
  let(:passes) { axis("passes", 2, 6) }
  let(:steps) do
    [
      {"key" => "print", "words" => "100 %."},
      {"key" => "press", "words" => "Dry, the steam off.", "temperature_c" => 170, "passes" => 3},
      {"key" => "rub", "words" => "From the middle out."}
    ]
  end

  it "sets the figure that a step has of its own, and says it first" do
    settings = described_class.new(steps, [heat], {"heat" => 176.04})
    expect(settings.call).to eq [
      steps[0], steps[1].merge("temperature_c" => 176.0, "words" => "About 176 °C. Dry, the steam off."), steps[2]
    ]
    expect([settings.first_step, settings.words]).to eq ["press", "About 176 °C"]
  end

  it "says the same only once, however often it is kept" do
    once = described_class.new(steps, [heat], {"heat" => 176.0}).call
    expect(described_class.new(once, [heat], {"heat" => 176.0}).call).to eq once
  end

  it "goes to the likeliest step that is there, keeps a number of passes whole, and makes up no figure" do
    settings = described_class.new(steps, [heat, passes], {"heat" => 176.0, "passes" => 4.6})
    expect(settings.call[2]).to eq steps[2].merge("words" => "About 5 passes. From the middle out.")
    without = steps.reject { |step| step["key"] == "rub" }
    expect(described_class.new(without, [passes], {"passes" => 4.6}).call[1]).to include("passes" => 5)
  end

  it "refuses a setting that no step has, with the way out" do
    expect { described_class.new(steps.first(1), [heat], {"heat" => 176.0}) }
      .to raise_error(UpClose::Error, /No step of this method has heat of its own/)
  end
end
