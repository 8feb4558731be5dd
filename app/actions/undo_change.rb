# frozen_string_literal: true

module Actions
  # Takes back something that was done: every row it changed is as it was before, or none is.
  module UndoChange
    CHANGED = "What it changed has been changed again since. Take that back first, or change it by hand."
    HANGS_ON = "Something that was made later belongs to it. Take that back first."

    module_function

    # @param entry [HistoryEntry]  @param now [Time]
    # @return [String, nil] why it was not taken back
    def call(entry, now)
      refusal = entry.refusal
      return refusal if refusal
      HistoryEntry.undoing(entry)
      ApplicationRecord.change do
        ApplicationRecord.connection.execute("PRAGMA defer_foreign_keys = ON")
        refusal = CHANGED unless entry.rows.to_a.reverse.all?(&:undo)
        raise ActiveRecord::Rollback if refusal
        entry.update!(undone_at: now)
        HistoryEntry.where(id: entry.undoes_id).update_all(undone_at: nil) if entry.undoes_id
      end
      refusal
    rescue ActiveRecord::InvalidForeignKey, SQLite3::ConstraintException
      HANGS_ON
    end
  end
end
