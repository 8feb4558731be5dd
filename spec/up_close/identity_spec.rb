# frozen_string_literal: true

require_relative "../spec_helper"
require "shelves/kept_answers"

RSpec.describe UpClose::Identity do
  def shape(width, *keep_outs)
    UpClose::Surfaces.build("rectangle", {width_mm: width, height_mm: 40.0}, keep_outs: keep_outs)
  end

  it "names values apart that differ in anything, and alike ones alike" do
    screw = UpClose::Surfaces::KeepOut.new(kind: "disc", x: 3, y: 4, width: 5)
    limits = ->(line) do
      UpClose::Methods::Limits.for(
        method: UpClose::Methods.fetch("water-slide"), printer: :laser, recorded: {line_mm: [line, "tried"]}
      )
    end
    apart = [
      nil, false, true, 0, 0.0, "0", :"0", 1, 1.0, "1", "", [], [[]], [nil], {}, %w[ab c], %w[a bc], %w[abc], "abc",
      [[1], 2], [1, [2]], {"a" => 1}, {"a" => 2}, {"b" => 1}, 1..2, 1...2, UpClose::Identity, UpClose::Value,
      UpClose::Geometry::Point[1, 2], UpClose::Geometry::Point[2, 1], UpClose::Colour.hex("#102030"),
      UpClose::Colour.hex("#102031"), shape(60.0), shape(61.0), shape(60.0, screw), shape(60.0, screw.mirrored),
      UpClose::Surfaces.build("ellipse", {width_mm: 60.0, height_mm: 40.0}), limits.call(0.3), limits.call(0.301)
    ]
    expect(apart.map { |value| described_class.of(value) }.uniq.size).to eq apart.size
    expect(described_class.of(1, 2)).not_to eq described_class.of([1, 2])
    [
      [shape(60.0, screw), shape(60, UpClose::Surfaces::KeepOut.from_h(screw.to_h))],
      [{"a" => 1, :b => 2}, {:b => 2, "a" => 1}], [0.0, -0.0], [limits.call(0.3), limits.call(0.30000001)],
      ["é".b, "é"]
    ].each { |one, other| expect(described_class.of(one)).to eq described_class.of(other) }
  end

  it "names no object that does not say what it is" do
    expect { described_class.of(Object.new) }.to raise_error ArgumentError, /Object does not say/
    expect { described_class.of([1, {"a" => Object.new}]) }.to raise_error ArgumentError
  end

  describe Shelves::KeptAnswers do
    let(:asked) do
      Class.new do
        def self.name = "Asked"

        def self.asked = @asked ||= Hash.new(0)

        def self.answer(of, times: 1)
          asked[[of, times]] += 1
          of && of * times
        end
      end
    end

    it "asks once for the same, nil included, and anew for anything else" do
      told = [["a"], ["a"], ["b"], [nil], [nil]].map { |given| described_class.of(asked, :answer, *given) }
      expect([told, described_class.of(asked, :answer, "a", times: 2)]).to eq [["a", "a", "b", nil, nil], "aa"]
      expect(asked.asked).to eq ["a", 1] => 1, ["b", 1] => 1, [nil, 1] => 1, ["a", 2] => 1
    end

    it "keeps no more than it may, by weight" do
      stub_const("Shelves::KeptAnswers::KEPT", Shelves::LruCache.new(most: 10, weight: ->(kept) { kept.weight }))
      described_class.of(asked, :answer, "small")
      large = "x" * described_class::SMALL_BYTES
      described_class.of(asked, :answer, large, times: 8)
      expect(described_class.at_hand(asked, :answer, "small")).to eq "small"
      # what was asked for longest ago goes first
      described_class.of(asked, :answer, "other")
      kept = [["small"], [large, {times: 8}], ["other"]].map do |given, named|
        described_class.at_hand(asked, :answer, given, **named.to_h)&.size
      end
      expect(kept).to eq [5, nil, 5]
    end
  end
end
