# frozen_string_literal: true

module Routes
  # What was written down or photographed in the middle of a run.
  module RunNotes
    def self.registered(app)
      app.post "/runs/:id/note" do
        run = find_run
        photo = Forms::SentFile.of(params["photo"])&.bytes(Actions::NoteRun::MOST_PHOTO_BYTES)
        refusal = Actions::NoteRun.call(run, params["words"], photo, now) and raise refusal
        redirect to("/runs/#{run.id}"), 303
      rescue UpClose::Error => error
        halt 422, bench_page(run, refusal: error.sentence, words: params["words"])
      end

      app.get "/runs/:id/photos/:name" do
        name = params["name"]
        halt 404 unless find_run.notes.any? { |note| note["photo"] == name }
        cache_control :private, max_age: 31_536_000
        content_type "image/jpeg"
        Shelves::OriginalStore.new(Settings.originals).get(name)
      end
    end
  end
end
