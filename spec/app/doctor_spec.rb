# frozen_string_literal: true

require_relative "../shop_helper"
require "shelves/shop_doctor"

RSpec.describe Shelves::ShopDoctor, :shop do
  let(:mark) { ready_mark }

  def original = Dir[File.join(Settings.originals, "??", "*")].first

  def found = described_class.new(Settings.home, now: Time.now + 7200).call

  before do
    mark.attempts.create!(copy: 1, piece: 1, result: "good", faults: [])
    found.each { |complaint| complaint.mend&.call }
  end

  after { FileUtils.rm_rf(Dir[File.join(Settings.home, "{backups,set-aside}")]) }

  it "finds nothing in a shop in order" do
    expect(found).to be_empty
  end

  it "reads an original that was changed, or is gone, from the last backup; without one it says what to do" do
    whole = File.binread(original)
    File.write(original, "#{whole} ")
    expect(found.map { |one| [one.words, one.mend] }).to match [[/was changed on the disk/, nil]]
    File.binwrite(original, whole)
    Shelves::ShopBackup.new(Settings.home).call(Time.now)
    path = original
    [-> { File.write(path, "other") }, -> { FileUtils.rm_f(path) }].each do |harm|
      harm.call
      found.each { |complaint| complaint.mend.call }
      expect([File.binread(path), found]).to eq [whole, []]
    end
  end

  it "sets aside what belongs to nothing, sweeps what an upload left, and leaves what may be one going on" do
    lost = Shelves::OriginalStore.new(Settings.originals).put("nobody's")
    File.write("#{original}.ab12.part", "half")
    expect(described_class.new(Settings.home).call).to be_empty
    expect(found.map(&:words)).to match [/One original belongs to nothing/, /Parts of interrupted uploads are left: 1/]
    found.each { |complaint| complaint.mend.call }
    expect(found).to be_empty
    expect(File.read(File.join(Settings.home, "set-aside", lost))).to eq "nobody's"
  end

  it "counts anew what was counted wrong, and names rows that belong to nothing without taking any away" do
    TryCount.update_all(count: 7)
    expect(found.map(&:words)).to eq ["The counts of tries do not match the tries."]
    found.each { |complaint| complaint.mend.call }
    expect([TryCount.sum(:count), found]).to eq [1, []]
    ApplicationRecord.connection.disable_referential_integrity { Artwork.where(id: mark.artwork_id).delete_all }
    lost = found.find { |one| one.words.include?("belongs to a row of artworks") }
    expect([lost.mend, Mark.exists?(mark.id)]).to eq [nil, true]
  end

  it "says of a damaged database which backup to restore, and nothing else" do
    broken = Dir.mktmpdir
    File.binwrite(File.join(broken, "up_close.sqlite3"), "not a database at all" * 400)
    complaints = described_class.new(broken).call
    expect(complaints.map(&:words)).to match [/The database is damaged/]
    expect(complaints.first.advice).to start_with "Restore the last backup: bin/restore"
  end
end
