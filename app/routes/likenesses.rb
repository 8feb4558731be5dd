# frozen_string_literal: true

module Routes
  # Like this one: the shipped fonts by their likeness to a word in a photo.
  module Likenesses
    SHOWN = 5
    SHOWN_PX = 900

    # what only these routes need
    module Helping
      def like_page(mark, matches: nil, picture: nil, refusal: nil)
        stage mark, "like", matches: matches, picture: picture && shown_crop(picture), refusal: refusal
      end

      # small enough to stand in the page itself
      def shown_crop(picture)
        image = picture.image.crop(*picture.ink.box.to_a.map(&:to_i))
        scale = SHOWN_PX / [image.width, image.height].max.to_f
        image = image.resize(scale) if scale < 1
        {href: "data:image/png;base64,#{[image.pngsave_buffer(compression: 6)].pack("m0")}", width: image.width, height: image.height}
      end
    end

    def self.registered(app)
      app.get("/marks/:id/like") { like_page(find_mark(params["id"])) }

      app.post "/marks/:id/like" do
        mark = find_mark(params["id"])
        upload = params["photo"]
        halt 422, like_page(mark, refusal: "Choose a crop of the word, PNG or JPEG.") unless upload.is_a?(Hash) && upload[:tempfile]
        picture = UpClose::Artwork::Opening.call(upload[:tempfile].tap(&:rewind).read(UpClose::Artwork::Opening::MOST_BYTES + 1))
        halt 422, like_page(mark, refusal: "This is a drawing, not a photo. Choose a PNG or JPEG.") if picture.vector?
        matches = UpClose::Artwork::Likeness.new(picture, params["word"].to_s[0, 60]).ranked(Shelves::FontShelf.names.keys.map { |key| Shelves::FontShelf.fetch(key) })
        halt 422, like_page(mark, refusal: "None of the fonts here has all these letters.") if matches.empty?
        like_page(mark, matches: matches.first(SHOWN), picture: picture)
      rescue UpClose::Error => error
        halt 422, like_page(mark, refusal: error.sentence)
      end

      app.helpers Helping
    end
  end
end
