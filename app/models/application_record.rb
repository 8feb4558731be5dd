# frozen_string_literal: true

class ApplicationRecord < ActiveRecord::Base
  self.abstract_class = true
  PATIENCE_MS = 5000

  # One change, whole or not at all, and one after the other. SQLite lets no
  # reader become a writer once another has written, so the writer's place is
  # asked for first; and the usual wait for it would hold every thread, so the
  # one that lets them go is set.
  def self.change
    connection.raw_connection.busy_handler_timeout = PATIENCE_MS
    transaction do
      connection.execute("UPDATE preferences SET value = value WHERE 0")
      connection.clear_query_cache
      Held.forget
      HistoryEntry.recording { yield.tap { SentForm.write_down } }
    end
  ensure
    Held.forget
  end

  # The one way to change a row that is kept: what is decided, and what follows from it, whole or not at all.
  # @param decided [Hash] columns; what was assigned before is kept with them
  # @return [ApplicationRecord] itself
  def change(decided = {})
    assign_attributes(decided)
    prepare_change
    ApplicationRecord.change do
      save!
      follow_change
    end
    self
  end

  private

  # what has to be worked out anew before it is kept, outside the writer's place
  def prepare_change = nil

  # what changes with it, in the same transaction
  def follow_change = nil
end
