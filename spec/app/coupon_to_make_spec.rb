# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe Presenters::CouponToMake do
  def limit(measured) = instance_double(UpClose::Record::KnownLimit, measured?: measured, name: :line_mm)

  def told(causes, measured: true) = described_class.new(causes, [limit(measured)]).call

  it "asks for the settings that most faults lie in, counted over all causes of one kind" do
    expect(told({"too-hot" => 1, "scorched" => 2, "too-little-pressure" => 2}))
      .to have_attributes(kind: "grid", axes: %w[heat time], why: "3 of your 5 faults come from it.")
    expect(told({"too-little-pressure" => 2})).to have_attributes(axes: %w[passes pressure])
    expect(told({"peeled-early" => 2})).to have_attributes(words: /\AWait: nine fields/)
  end

  it "asks for none on the strength of one fault, nor where two in three come from elsewhere" do
    expect(told({"too-hot" => 1})).to be_nil
    expect([told({"too-hot" => 2, "not-clean" => 4})&.axes, told({"too-hot" => 2, "not-clean" => 5})])
      .to eq [%w[heat time], nil]
  end

  it "asks for what it holds, as long as that is guessed" do
    expect(told({}, measured: false)).to have_attributes(kind: "limits", axes: [], why: /\AStill starting values: /)
  end

  it "names settings that a grid can vary, whatever cause says so" do
    named = UpClose::Diagnosis::Causes.all.flat_map(&:lies_in).uniq
    expect(named - UpClose::Coupons::Setting.all.map(&:key)).to be_empty
    expect(named.size).to be >= 5
  end
end
