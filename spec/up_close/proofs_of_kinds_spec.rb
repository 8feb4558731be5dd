# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/drawn_pictures"

# Sixty photographs, sixty pictures with a known fault, sixty line works of known widths: how many are told right. The
# seeds are others than those that thresholds were found on; KIND_SEEDS=9001 begins at another.
RSpec.describe UpClose::Artwork::Checks, :slow do
  first = ENV.fetch("KIND_SEEDS", "101").to_i
  many = ENV.fetch("KIND_MANY", "60").to_i

  def looked(drawn, width_mm, **about)
    UpClose::Artwork::CheckContext.new(
      artwork: UpClose::Artwork::Opening.call(drawn.bytes), width_mm: width_mm, printer: :inkjet,
      limits: UpClose::Methods::Limits.for(method: UpClose::Methods.fetch("water-slide"), printer: :inkjet), **about
    )
  end

  def findings(subject) = described_class.findings(subject).to_h { |finding| [finding.key, finding] }

  it "stops no photograph" do
    stopped = (first...first + many).filter_map do |seed|
      found = findings(looked(DrawnPictures.photograph(seed), 20.0 + seed % 60)).values.select(&:stop?)
      [seed, found.map { |finding| [finding.key, finding.figure] }] if found.any?
    end
    expect(stopped).to be_empty
  end

  it "misses no known fault" do
    faults = DrawnPictures::FAULTS.to_a
    missed = (first...first + many).filter_map do |seed|
      fault, keys = faults[seed % faults.size]
      found = findings(looked(DrawnPictures.faulty(seed, fault), 60.0, surface: UpClose::Colour.hex("#d9b98a")))
      told = keys.map { |key| found[key]&.verdict } - [nil, :fine]
      [seed, fault] if told.empty?
    end
    expect(missed).to be_empty
  end

  it "measures lines within 0.03 mm" do
    damages = %i[none jpeg resaved blur]
    off = (first...first + many).filter_map do |seed|
      drawn = DrawnPictures.line_work(seed, damage: damages[seed % damages.size])
      subject = looked(drawn, 60.0)
      wanted = 60.0 * drawn.facts[:line_px] / drawn.facts[:box_px]
      next [seed, subject.kind.key] unless subject.finest_mm
      by = subject.finest_mm - [wanted, subject.thinness.reached * 60.0].min
      [seed, damages[seed % damages.size], wanted.round(3), by.round(3)] if by.abs > 0.03
    end
    expect(off).to be_empty
  end
end
