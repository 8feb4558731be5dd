# frozen_string_literal: true

module Actions
  # Takes in the files of a board; what each is for is guessed, and shown to be confirmed.
  module AddBoard
    module_function

    # @param form [Forms::BoardFilesForm] gets the refusal
    # @return [Board, nil]
    def call(job, form)
      return unless form.ok?
      brought = Workers.call(Shelves::BoardFiles, :call, form.values[:files])
      layers = Workers.call(Shelves::BoardFiles, :guesses, brought.texts)
      store = Shelves::OriginalStore.new(Settings.originals)
      files = layers.map { |name, kind, side|
        {"name" => name, "original" => store.put(brought.texts[name]), "kind" => kind, "side" => side}
      }
      ApplicationRecord.change { job.boards.create!(name: form.values[:name], files: files) }
    rescue UpClose::Error => error
      form.refuse(error, :files)
      nil
    end
  end
end
