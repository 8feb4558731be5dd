# frozen_string_literal: true

# What keeps a shop fast after years: when a run's work is ready for good, counts of tries and of changes that the
# database keeps itself, in the transaction of whatever changes them, and a sheet's free room beside the sheet.
class YearsOfWork < ActiveRecord::Migration[7.2]
  # tables whose changes are counted, so that a page can ask “anything new?” without reading them
  COUNTED = %w[attempts coupons printers runs step_ends].freeze

  TRY = %w[method_key printer stock elsewhere result day].freeze

  # what few of many tries have, and the way they were made: found without reading the tries
  SPARSE = [
    ["with_causes", [:cause], "cause IS NOT NULL"], ["with_faults", [:method_key], "faults <> '[]' AND cause IS NULL"],
    ["with_photos", [:made_at], "photo IS NOT NULL"], ["with_windows", [:method_key], "late_part IS NOT NULL"],
    ["by_way", [:method_key, :printer, :stock, :material, :origin], nil]
  ].freeze

  def up
    add_column :runs, :ready_at, :datetime
    add_index :runs, :ready_at
    add_index :runs, :ended_at
    add_index :jobs, :archived_at
    add_index :marks, [:archived_at, :piece_id]
    add_index :attempts, [:mark_id, :result, :piece]
    add_index :stock_sheets, [:state, :stock, :printer]
    add_column :stock_sheets, :free, :json
    SPARSE.each { |name, columns, where| add_index :attempts, columns, name: "tries_#{name}", where: where }
    create_counts
    COUNTED.each { |table| count_changes(table) }
    count_tries
  end

  def down
    COUNTED.product(%w[insert update delete]).each { |table, verb| execute "DROP TRIGGER #{table}_#{verb}_counted" }
    %w[insert update delete].each { |verb| execute "DROP TRIGGER tries_#{verb}_counted" }
    drop_table :change_counts
    drop_table :try_counts
    SPARSE.each { |name, *| remove_index :attempts, name: "tries_#{name}" }
    remove_column :stock_sheets, :free
    remove_index :stock_sheets, [:state, :stock, :printer]
    remove_index :attempts, [:mark_id, :result, :piece]
    remove_index :marks, [:archived_at, :piece_id]
    remove_index :jobs, :archived_at
    remove_index :runs, :ended_at
    remove_column :runs, :ready_at
  end

  private

  def create_counts
    create_table :change_counts, id: false do |t|
      t.string :name, null: false, primary_key: true
      t.integer :count, null: false, default: 0
    end
    create_table :try_counts do |t|
      %w[method_key printer stock result].each { |name| t.string name, null: false, default: "" }
      t.boolean :elsewhere, null: false, default: false
      t.integer :day, null: false, default: 0
      t.integer :count, null: false, default: 0
    end
    add_index :try_counts, TRY, unique: true
  end

  def count_changes(table)
    execute "INSERT INTO change_counts (name, count) VALUES ('#{table}', 1)"
    %w[insert update delete].each do |verb|
      execute "CREATE TRIGGER #{table}_#{verb}_counted AFTER #{verb.upcase} ON #{table} BEGIN " \
        "UPDATE change_counts SET count = count + 1 WHERE name = '#{table}'; END"
    end
  end

  # the parts of a try's key, from a row of attempts
  def key(row)
    [
      "#{row}.method_key", "ifnull(#{row}.printer, '')", "ifnull(#{row}.stock, '')", "(#{row}.origin IS NOT NULL)",
      "#{row}.result", "ifnull(CAST(julianday(date(#{row}.made_at)) + 0.5 AS INTEGER), 0)"
    ]
  end

  def count_tries
    execute "INSERT INTO try_counts (#{TRY.join(", ")}, count) SELECT #{key("a").join(", ")}, count(*) " \
      "FROM attempts a WHERE a.method_key IS NOT NULL GROUP BY 1, 2, 3, 4, 5, 6"
    trigger "insert", "INSERT", more("NEW")
    trigger "delete", "DELETE", less("OLD")
    trigger "update", "UPDATE OF method_key, printer, stock, origin, result, made_at", less("OLD") + more("NEW")
  end

  def trigger(name, moment, work)
    execute "CREATE TRIGGER tries_#{name}_counted AFTER #{moment} ON attempts BEGIN #{work} END"
  end

  def more(row)
    "INSERT INTO try_counts (#{TRY.join(", ")}, count) SELECT #{key(row).join(", ")}, 1 " \
      "WHERE #{row}.method_key IS NOT NULL ON CONFLICT (#{TRY.join(", ")}) DO UPDATE SET count = count + 1; "
  end

  def less(row)
    same = TRY.zip(key(row)).map { |name, value| "#{name} = #{value}" }
    "UPDATE try_counts SET count = count - 1 WHERE #{same.join(" AND ")}; "
  end
end
