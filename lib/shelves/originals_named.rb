# frozen_string_literal: true

module Shelves
  # The originals that a shop's database names and that must be there.
  module OriginalsNamed
    # columns that name an original
    NAMED = {"artworks" => "original", "attempts" => "photo", "coupons" => "photo"}.freeze
    # and those that hold such names as JSON, under these keys
    WITHIN = {"pieces" => "photo", "boards" => "files", "runs" => "notes"}.freeze
    WITHIN_KEYS = /"(?:original|photo)":"(\h{64})"/

    module_function

    # @param db [SQLite3::Database] of any version of a shop: columns that it does not have name nothing
    # @return [Array<String>] their hashes
    def call(db)
      own = NAMED.flat_map { |table, column| texts(db, table, column).grep(/\A\h{64}\z/) }
      within = WITHIN.flat_map { |table, column| texts(db, table, column).flat_map { |text| text.scan(WITHIN_KEYS) } }
      (own + within.flatten).uniq
    end

    def texts(db, table, column)
      return [] unless db.table_info(table).any? { |known| known["name"] == column }
      db.execute("SELECT #{column} FROM #{table} WHERE #{column} IS NOT NULL").flatten.map(&:to_s)
    end
  end
end
