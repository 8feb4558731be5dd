# frozen_string_literal: true

module Shelves
  # Triggers by which the database itself writes down each row that is changed while an entry of the history is open,
  # as it was and as it became. They name every column, so they are made anew when the columns change.
  class HistoryTriggers
    # what the database counts itself, who was let in, and the history
    LEFT_OUT = %w[
      schema_migrations ar_internal_metadata change_counts try_counts signed_devices history_entries history_rows
      history_now sent_forms
    ].freeze
    # written by ANALYZE
    SQLITES_OWN = /\Asqlite_/
    # told by the row itself, and no change of a maker's
    DERIVED = %w[updated_at lock_version].freeze
    OURS = "WHERE type = 'trigger' AND name LIKE 'history_%'"
    NOW = "(SELECT entry_id FROM history_now)"
    WRITE = "INSERT INTO history_rows (entry_id, \"of\", \"row\", verb, before, after)"
    BOTH = "SELECT json_group_object(name, old) AS b, json_group_object(name, new) AS a, count(*) AS n"
    # all digits of a binary fraction, which SQLite's JSON would cut at fifteen
    VALUE = ->(column) { "CASE typeof(#{column}) WHEN 'real' THEN printf('%!.17g', #{column}) ELSE #{column} END" }

    # @param connection of Active Record
    def initialize(connection)
      @db = connection
    end

    # @return [Array<String>] tables whose changes are written down
    def tables = @db.tables.grep_v(SQLITES_OWN) - LEFT_OUT

    def renew
      there = @db.select_rows("SELECT name, sql FROM sqlite_master #{OURS}").to_h
      wanted = tables.flat_map { |table| triggers(table).to_a }.to_h
      (there.keys - wanted.keys).each { |name| @db.execute("DROP TRIGGER #{name}") }
      wanted.each do |name, sql|
        next if there[name] == sql
        @db.execute("DROP TRIGGER IF EXISTS #{name}")
        @db.execute(sql)
      end
    end

    # before columns change
    def drop
      @db.select_values("SELECT name FROM sqlite_master #{OURS}").each { |name| @db.execute("DROP TRIGGER #{name}") }
    end

    private

    # @return [Hash{String => String}] SQL by name
    def triggers(table)
      columns = @db.columns(table).map(&:name)
      {
        "insert" => "SELECT #{NOW}, '#{table}', NEW.id, 'insert', NULL, NULL",
        "delete" => "SELECT #{NOW}, '#{table}', OLD.id, 'delete', " \
          "(SELECT json_group_object(name, value) FROM (#{all(columns)})), NULL",
        "update" => "SELECT #{NOW}, '#{table}', OLD.id, 'update', b, a FROM (#{BOTH} FROM " \
          "(#{changed(columns - DERIVED)})) WHERE n > 0"
      }.to_h { |verb, select| ["history_#{table}_#{verb}", trigger(table, verb, select)] }
    end

    def trigger(table, verb, select)
      "CREATE TRIGGER history_#{table}_#{verb} AFTER #{verb.upcase} ON \"#{table}\" WHEN #{NOW} IS NOT NULL BEGIN " \
        "#{WRITE} #{select}; END"
    end

    def all(columns)
      columns.map { |name| "SELECT '#{name}' AS name, #{VALUE["OLD.\"#{name}\""]} AS value" }.join(" UNION ALL ")
    end

    def changed(columns)
      columns.map { |name|
        old, new = ["OLD", "NEW"].map { |row| "#{row}.\"#{name}\"" }
        "SELECT '#{name}' AS name, #{VALUE[old]} AS old, #{VALUE[new]} AS new WHERE #{old} IS NOT #{new}"
      }.join(" UNION ALL ")
    end
  end
end
