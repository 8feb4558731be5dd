# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../../db/migrate/20261128000023_supplies_by_key" unless defined?(SuppliesByKey)

# Prices that a shop gave by title, and what its history wrote down of them, brought to the keys of supplies.
RSpec.describe SuppliesByKey do
  let(:kept) { Class.new(ActiveRecord::Base) { self.abstract_class = true } }
  let(:database) { kept.connection }

  before do
    stub_const("KeptPrices", kept)
    kept.establish_connection(adapter: "sqlite3", database: ":memory:")
    database.execute(
      "CREATE TABLE supply_prices (id INTEGER PRIMARY KEY, title TEXT, pack_cents INTEGER, updated_at TEXT)"
    )
    database.execute(%(CREATE TABLE history_rows (id INTEGER PRIMARY KEY, "of" TEXT, before TEXT, after TEXT)))
  end

  after { kept.remove_connection }

  def priced(title, cents, day)
    values = [title, cents, day].map { |value| database.quote(value) }
    database.execute("INSERT INTO supply_prices (title, pack_cents, updated_at) VALUES (#{values.join(", ")})")
  end

  def written(table, before, after)
    values = [table, before&.to_json, after&.to_json].map { |value| database.quote(value) }
    database.execute(%(INSERT INTO history_rows ("of", before, after) VALUES (#{values.join(", ")})))
  end

  def migrated
    migration = described_class.new
    migration.suppress_messages { migration.exec_migration(database, :up) }
    database.select_rows("SELECT supply, pack_cents FROM supply_prices ORDER BY supply").to_h
  end

  it "keeps every price, and of those that are one now the last that was given" do
    priced("cotton swabs", 150, "2026-03-01")
    priced("wiped or brushed oil varnish", 1200, "2026-03-01")
    priced("white rags for alcohol", 700, "2026-04-01")
    priced("blue rags for acetone", 800, "2026-05-01")
    priced("carbon paper, colour 2", 500, "2026-06-01")
    priced("carbon paper", 450, "2026-05-01")
    expect(migrated).to eq(
      "cotton-swabs" => 150, "wiped-or-brushed-oil-varnish" => 1200, "rags" => 800, "carbon-paper" => 500
    )
  end

  it "gives each supply that the release before named a key that is known now" do
    titles = UpClose::Costing.supplies.map(&:title)
    titles.each { |title| priced(title, 100, "2026-03-01") }
    expect(migrated.keys).to match_array UpClose::Costing.supplies.map(&:key)
    expect(titles).to include("oil or wax", "etch-proof pen", "spray lacquer", "toner")
  end

  it "lets the history undo a price that was changed before" do
    written("supply_prices", {"title" => "clear coat", "pack_cents" => 900}, nil)
    written("supply_prices", {"pack_cents" => 900}, {"pack_cents" => 950})
    written("jobs", {"title" => "rags for tea"}, nil)
    migrated
    facts = database.select_values("SELECT before FROM history_rows ORDER BY id").map { |text| JSON.parse(text) }
    expect(facts).to eq [
      {"pack_cents" => 900, "supply" => "clear-coat"}, {"pack_cents" => 900}, {"title" => "rags for tea"}
    ]
  end
end
