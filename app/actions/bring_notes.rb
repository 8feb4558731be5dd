# frozen_string_literal: true

module Actions
  # Another shop's notes taken in: tries that have no mark here, and count for less.
  module BringNotes
    ALL = (UpClose::Record::NotesCsv::COLUMNS - ["made_at"]).freeze

    module_function

    # @param rows [Array<Hash>] as UpClose::Record::NotesCsv reads them  @param origin [String] whose
    # @return [Integer] how many were taken in; what was taken in from there before is replaced
    def call(rows, origin, now)
      ApplicationRecord.change do
        Attempt.where(origin: origin).delete_all
        entries = rows.map { |row| entry(row, origin, now) }
        entries.each_slice(200) { |some| Attempt.insert_all!(some) }
        rows.size
      end
    end

    # @param attempts [ActiveRecord::Relation]
    # @return [String] CSV
    def csv(attempts)
      names = UpClose::Record::NotesCsv::COLUMNS.map { |name| (name == "method") ? "method_key" : name }
      rows = attempts.order(:made_at, :id).pluck(*names).map do |values|
        row = UpClose::Record::NotesCsv::COLUMNS.zip(values).to_h
        row.merge("made_at" => row["made_at"]&.to_date&.iso8601)
      end
      UpClose::Record::NotesCsv.write(rows)
    end

    def entry(row, origin, now)
      given = ALL.to_h { |name| [(name == "method") ? "method_key" : name, row[name]] }
      given.merge(
        "origin" => origin, "copy" => 1, "note" => row["note"].to_s, "coats" => row["coats"]&.to_i,
        "grit" => row["grit"]&.to_i, "faults" => row["faults"] || [],
        "made_at" => row["made_at"] || now, "created_at" => now, "updated_at" => now
      )
    end
    private_class_method :entry
  end
end
