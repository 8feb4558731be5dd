# frozen_string_literal: true

require "json"

# A row of some table that an entry of the history inserted, updated or deleted, as the database wrote it down.
class HistoryRow < ApplicationRecord
  # worked out anew whenever it is wanted: no change of a maker's
  WORKED_OUT = %w[checked prepared].freeze

  # what a row that is put back says of itself
  TOUCHED = {
    "updated_at" => "updated_at = strftime('%Y-%m-%d %H:%M:%f', 'now')",
    "lock_version" => "lock_version = lock_version + 1"
  }.freeze

  belongs_to :entry, class_name: "HistoryEntry"

  # @return [Hash{String => Object}] columns before: of an update those that changed, of a delete all
  def was = before ? JSON.parse(before) : {}

  # @return [Hash{String => Object}] of an update, what the same columns became
  def became = after ? JSON.parse(after) : {}

  # columns of the row as they are now, or as it was when it is gone
  # @return [Hash{String => Object}]
  def facts = self.class.connection.select_all("SELECT * FROM \"#{of}\" WHERE id = #{row.to_i}").first || was

  # the same row changed once more
  # @param later [HistoryRow]
  def join!(later) = update!(before: later.was.merge(was).to_json, after: became.merge(later.became).to_json)

  # puts the row back
  # @return [Boolean] whether it still was as it had become
  def undo = if verb == "insert"
               taken_out
             else
               (verb == "delete") ? put_in : put_back
             end

  private

  def db = self.class.connection

  def changed(sql, values) = db.exec_update(self.class.sanitize_sql_array([sql, *values])).positive?

  def later?
    HistoryRow.joins(:entry).where(of: of, row: row).where("history_rows.id > ?", id)
      .where.not(entry_id: entry_id).where(history_entries: {undone_at: nil, undoes_id: nil}).exists?
  end

  def taken_out = !later? && changed("DELETE FROM \"#{of}\" WHERE id = ?", [row])

  def put_in
    names = was.keys.map { |name| "\"#{name}\"" }.join(", ")
    changed("INSERT OR IGNORE INTO \"#{of}\" (#{names}) VALUES (#{(["?"] * was.size).join(", ")})", was.values)
  end

  def put_back
    sets = was.keys.map { |name| "\"#{name}\" = ?" } + touched
    same = became.except(*WORKED_OUT)
    still = same.keys.map { |name| " AND #{Shelves::HistoryTriggers::VALUE["\"#{name}\""]} IS ?" }.join
    changed("UPDATE \"#{of}\" SET #{sets.join(", ")} WHERE id = ?#{still}", [*was.values, row, *same.values])
  end

  # a page that was open before is told that it is old
  def touched
    names = db.columns(of).map(&:name)
    TOUCHED.slice(*names).values
  end
end
