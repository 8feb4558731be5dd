# frozen_string_literal: true

# Something that was done, in one request: its words, and the rows that it changed.
class HistoryEntry < ApplicationRecord
  KEPT_DAYS = 365
  # the same done to the same things again so soon is one entry: a mark that is dragged
  SAME_S = 60
  TOOK_BACK, AGAIN = "took back: ", "did again: "
  KEY = :up_close_history

  has_many :rows, -> { order(:id) }, class_name: "HistoryRow", foreign_key: :entry_id, inverse_of: :entry,
    dependent: :delete_all

  # What this thread changes from now on belongs to one entry.
  # @param now [Time]  @param by [String, nil] the device, nil at the shop's own computer
  def self.open(now, by: nil) = Thread.current[KEY] = {now: now, by: by}

  def self.close = Thread.current[KEY] = nil

  # the entry that this thread takes back, and its words
  def self.undoing(entry)
    bare = entry.title.delete_prefix(TOOK_BACK).delete_prefix(AGAIN)
    words = entry.title.start_with?(TOOK_BACK) ? AGAIN : TOOK_BACK
    Thread.current[KEY]&.merge!(undoes_id: entry.id, title: words + bare)
  end

  # what this thread does now has words of its own
  def self.called(words) = Thread.current[KEY]&.merge!(title: words)

  # @return [Hash, nil] handed to a thread that goes on with the same work
  def self.held = Thread.current[KEY]&.dup

  def self.go_on(held) = Thread.current[KEY] = held

  # what the block changes is written down, in the transaction it is called in
  def self.recording
    held = Thread.current[KEY]
    return yield if held.nil? || held[:open]
    held[:open], before = true, $!
    entry = find_by(id: held[:id]) || create!(made_at: held[:now], by: held[:by], undoes_id: held[:undoes_id])
    record_to(entry.id)
    yield
  ensure
    # left by a return as well, which keeps what was changed; what is raised takes back the entry with all the rest
    held[:id] = entry.settle(held[:title]) if entry && $!.equal?(before)
    held[:open] = false if entry
  end

  def self.record_to(id) = connection.execute("UPDATE history_now SET entry_id = #{id ? id.to_i : "NULL"}")
  private_class_method :record_to

  def self.forget_old(now)
    old = where(made_at: ...(now - KEPT_DAYS * 86_400))
    change { HistoryRow.where(entry: old).delete_all && old.delete_all } if old.exists?
  end

  # @return [Integer, nil] its id, nil where nothing was changed
  def settle(words)
    self.class.connection.execute("UPDATE history_now SET entry_id = NULL")
    rows.reset
    return destroy! && nil if rows.empty?
    update!(title: words || HistoryTitle.new(rows.to_a).title)
    joined_to(before_it) || id
  end

  # @return [String, nil] why it cannot be taken back, in a sentence
  def refusal = undone_at && "That was taken back already."

  private

  def before_it = HistoryEntry.where.not(id: id).order(:id).last

  # @param earlier [HistoryEntry, nil]
  # @return [Integer, nil] the entry that it became part of
  def joined_to(earlier)
    return unless earlier && same?(earlier)
    theirs = earlier.rows.index_by { |row| [row.of, row.row] }
    rows.each { |row| theirs.fetch([row.of, row.row]).join!(row) }
    destroy!
    earlier.id
  end

  def same?(earlier)
    return false if undoes_id || earlier.undoes_id || earlier.undone_at || earlier.title != title || earlier.by != by
    return false if made_at - earlier.made_at > SAME_S
    [self, earlier].map { |entry| entry.rows.map { |row| [row.of, row.row, row.verb] }.sort }.then do |ours, theirs|
      ours == theirs && ours.all? { |row| row.last == "update" }
    end
  end
end
