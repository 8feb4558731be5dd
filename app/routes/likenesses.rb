# frozen_string_literal: true

module Routes
  # Like this one: the shipped fonts by their likeness to a word in a photo.
  module Likenesses
    SHOWN = 5
    SHOWN_PX = 900

    # what only these routes need
    module Helping
      def like_page(mark, matches: nil, picture: nil, refusal: nil)
        stage mark, "like", matches: matches, picture: picture, refusal: refusal
      end
    end

    def self.registered(app)
      app.get("/marks/:id/like") { like_page(find_mark(params["id"])) }

      app.post "/marks/:id/like" do
        mark = find_mark(params["id"])
        upload = params["photo"]
        unless upload.is_a?(Hash) && upload[:tempfile]
          halt 422, like_page(mark, refusal: "Choose a crop of the word, PNG or JPEG.")
        end
        bytes = upload[:tempfile].tap(&:rewind).read(UpClose::Artwork::Opening::MOST_BYTES + 1)
        matches, picture = Workers.call(
          Shelves::OutsidePicture.new(bytes),
          :likest,
          params["word"].to_s[0, 60],
          SHOWN,
          SHOWN_PX
        )
        halt 422, like_page(mark, refusal: "None of the fonts here has all these letters.") if matches.empty?
        like_page(mark, matches: matches, picture: picture)
      rescue UpClose::Error => error
        halt 422, like_page(mark, refusal: error.sentence)
      end

      app.helpers Helping
    end
  end
end
