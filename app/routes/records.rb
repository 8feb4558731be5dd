# frozen_string_literal: true

module Routes
  # The record: of a mark, a method, the shop; out to CSV, and in from another shop's.
  module Records
    # what only these routes need
    module Helping
      def whole_record(record, here: :methods)
        at = Presenters::RecordPage.new(record, now: now)
        page :"records/show", here: here, title: "Record · #{at.title}", at: at
      end

      # @param read [UpClose::Record::NotesCsv::Read, nil] what was read, to be looked at before it is taken in
      def from_page(read: nil, refusal: nil, text: nil)
        page :"records/from", here: :methods, title: "Import from another shop",
          read: read, refusal: refusal, text: text,
          origins: Attempt.where.not(origin: nil).group(:origin).count
      end

      # the file, or what was read of it before
      def notes_text
        file = Forms::SentFile.of(params["file"])
        file ? file.bytes(UpClose::Formats::CsvTable::MOST_BYTES) : params["text"].to_s
      end
    end

    def self.registered(app)
      app.helpers Helping
      app.get("/record") { whole_record(RecordOf.new) }
      app.get("/methods/:key/record") { whole_record(RecordOf.new(method: known_method)) }
      app.get("/marks/:id/history") { whole_record(RecordOf.new(mark: find_mark(params["id"])), here: :jobs) }
      tables(app)
      from(app)
    end

    # CSV, out and in
    def self.tables(app)
      app.get "/record.csv" do
        attempts = Attempt.own.where.not(method_key: nil)
        attempts = attempts.where(method_key: params["method"]) if params["method"]
        download(Actions::BringNotes.csv(attempts), "text/csv", "record.csv")
      end

      app.get("/record/from") { from_page }
    end

    # looked at first, then taken in, or dropped again
    def self.from(app)
      app.post "/record/from" do
        text = UpClose::Formats::CsvTable.decoded(notes_text)
        read = UpClose::Record::NotesCsv.read(text, today: today)
        origin = params["origin"].to_s.strip[0, 60]
        halt from_page(read: read, text: text) unless params["take"] && read.rows.any?
        halt 422, from_page(read: read, text: text, refusal: "Name the shop they came from.") if origin.empty?
        Actions::BringNotes.call(read.rows, origin, now)
        redirect to("/record/from"), 303
      rescue UpClose::Error => error
        halt 422, from_page(refusal: error.sentence)
      end

      app.post "/record/from/drop" do
        ApplicationRecord.change { Attempt.where(origin: params["origin"].to_s).where.not(origin: nil).delete_all }
        redirect to("/record/from"), 303
      end
    end
    private_class_method :tables, :from
  end
end
