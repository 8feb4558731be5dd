# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe Demo::Archive, :shop do
  # every row, by its table
  def rows
    db = ActiveRecord::Base.connection
    described_class::TABLES.to_h do |table|
      columns = db.columns(table).map(&:name) - %w[created_at updated_at]
      [table, db.select_all("SELECT #{columns.map { |name| %("#{name}") }.join(", ")} FROM #{table} ORDER BY id").to_a]
    end
  end

  def emptied
    described_class::TABLES.reverse_each { |table| ActiveRecord::Base.connection.execute("DELETE FROM #{table}") }
    FileUtils.rm_rf([Settings.originals, Settings.opened, Settings.devices])
  end

  it "was made by this version of the shop's tables" do
    Dir.mktmpdir do |folder|
      Zip::File.open(described_class::PATH) do |zip|
        zip.find_entry("story.sqlite3").extract(destination_directory: folder)
      end
      made = SQLite3::Database.new(File.join(folder, "story.sqlite3"))
      versions = made.execute("SELECT version FROM schema_migrations").flatten.sort
      expect(versions).to eq(Dir["db/migrate/*.rb"].map { |file| File.basename(file)[/\d+/] }.sort), "bin/demo --make"
      expect(File.size(described_class::PATH)).to be < 10_000_000
    end
  end

  it "is moved to the day it is loaded: old work to hours of its day, work under way to as long ago" do
    now = Time.local(2031, 3, 9, 20, 15)
    described_class.new(now).load
    expect(Job.open.pluck(:due_on).compact).to match_array([19, 33, 9, 16, 24].map { |days| now.to_date + days })
    rose = Run.find_by(ended_at: nil, mark: Mark.joins(:artwork).find_by(artworks: {name: "Compass rose"}))
    expect(rose.began_at).to be_within(1).of(now - 58 * 60)
    luthier = Run.find_by(mark: Mark.joins(:artwork).find_by(artworks: {name: "Wrenfold"}))
    expect(luthier.began_at).to be_within(1).of(Time.local(2031, 3, 7, 19))
    expect(luthier.ready_at).to be >= luthier.ended_at
    # what the computer's own clock wrote is not in the future
    expect([Job, Mark, Attempt].map { |model| model.maximum(:updated_at) }).to all be <= now + 1
    expect(Mark.maximum(:placed_at)).to be <= now + 1
  end

  it "is there whole: originals by their hash, what was opened of them, every artwork looked at" do
    described_class.new(Time.now).load
    named = Shelves::OriginalsNamed.call(SQLite3::Database.new(File.join(Settings.home, "up_close.sqlite3")))
    store = Shelves::OriginalStore.new(Settings.originals)
    expect(named.reject { |name| Digest::SHA256.hexdigest(store.get(name)) == name }).to be_empty
    waiting = Mark.live.where.not(artwork_id: nil).where.not(width_mm: nil).select { |mark| mark.looked.nil? }
    expect(waiting.map(&:title)).to be_empty
  end

  it "is what its builders make, figure by figure", slow: true do
    now = Time.now
    Demo::Story.load(now: now)
    Actions::LookAtArtwork.the_rest
    Database.know_when_ready
    made = rows
    emptied
    described_class.new(now).load
    shipped = rows
    # all figures to a millionth, also within what is kept as JSON
    told = lambda do |value|
      read = (value.is_a?(String) && value.start_with?("[", "{")) ? JSON.parse(value) : value
      case read
      when Float then read.round(6)
      when Array then read.map(&told)
      # what was looked at is kept under when its artwork was made
      when Hash then read.except("key").transform_values(&told)
      else read
      end
    end
    described_class::TABLES.each do |table|
      expect(shipped[table].size).to eq(made[table].size), table
      shipped[table].zip(made[table]).each do |one, other|
        differing = one.keys.reject { |name| told[one[name]] == told[other[name]] || name.end_with?("_at") }
        moved = one.keys.select { |name| name.end_with?("_at") && name != "placed_at" && one[name] && other[name] }
          .reject { |name| (Time.parse("#{one[name]} UTC") - Time.parse("#{other[name]} UTC")).abs < 1 }
        expect([table, one["id"], differing, moved]).to eq [table, one["id"], [], []]
      end
    end
  end
end
