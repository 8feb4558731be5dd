# frozen_string_literal: true

module Actions
  # What is written down or photographed in the middle of the work, with the step it belongs to.
  module NoteRun
    MOST_LETTERS = 1000
    MOST_NOTES = 200
    MOST_PHOTO_BYTES = 25 * 1024 * 1024

    module_function

    # something written down or photographed on the way
    # @param photo [String, nil] bytes of a picture
    # @return [UpClose::Error, nil] the refusal
    def call(run, words, photo, now)
      words = words.to_s.strip[0, MOST_LETTERS]
      return if words.empty? && photo.nil?
      kept = photo && keep_photo(photo)
      ApplicationRecord.change do
        run.lock!
        step = run.clockwork.state(now.to_f).step
        run
          .update!(
            notes: (run.notes + [{"at" => now.to_f, "step" => step&.key, "words" => words, "photo" => kept}.compact])
              .last(MOST_NOTES)
          )
      end
      nil
    rescue UpClose::Error => error
      error
    end

    # A photo kept among the originals: small enough to look at, its turns undone.
    # @param bytes [String] of a picture
    # @return [String] what it is kept by
    # @raise [UpClose::Error] too large, or no picture
    def keep_photo(bytes)
      if bytes.bytesize > MOST_PHOTO_BYTES
        raise UpClose::Error.new(
          "This photo is larger than #{MOST_PHOTO_BYTES / 1024 / 1024} MB.",
          remedy: "Take a smaller one.",
          field: :photo
        )
      end
      Shelves::OriginalStore.new(Settings.originals).put(Workers.call(Shelves::OutsidePicture.new(bytes), :shown, 1600))
    rescue UpClose::Errors::BadArtwork
      raise UpClose::Error.new(
        "This file cannot be read as a picture.",
        remedy: "Take a photo as JPEG or PNG.",
        field: :photo
      )
    end
  end
end
