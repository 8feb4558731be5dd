# frozen_string_literal: true

module Routes
  # Fonts like this one: the shipped fonts by their likeness to a word in a photo.
  module Likenesses
    SHOWN = 5
    SHOWN_PX = 900

    # what only these routes need
    module Helping
      # @param file [Forms::SentFile] a crop of a photo  @param word [String] that it shows
      # @return [Array(Array, String)] the likest faces here, and the crop as it is shown
      def likest(file, word)
        bytes = file.bytes(UpClose::Artwork::Opening::MOST_BYTES)
        Workers.call(Shelves::OutsidePicture.new(bytes), :likest, word, SHOWN, SHOWN_PX)
      end

      def like_page(mark, matches: nil, picture: nil, refusal: nil)
        stage mark, "like", matches: matches, picture: picture, refusal: refusal
      end
    end

    def self.registered(app)
      app.get("/marks/:id/like") { like_page(find_mark(params["id"])) }

      app.post "/marks/:id/like" do
        mark = find_mark(params["id"])
        file = Forms::SentFile.of(params["photo"]) or
          halt 422, like_page(mark, refusal: "Choose a cropped picture of the word, PNG or JPEG.")
        matches, picture = likest(file, params["word"].to_s[0, 60])
        halt 422, like_page(mark, refusal: "No font here has all these letters.") if matches.empty?
        like_page(mark, matches: matches, picture: picture)
      rescue UpClose::Error => error
        halt 422, like_page(mark, refusal: error.sentence)
      end

      app.helpers Helping
    end
  end
end
