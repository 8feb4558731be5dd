# frozen_string_literal: true

require "up_close"

module Shelves
  # A maker's own font as it comes; a value that a worker is sent, and reads there.
  FontFile = Struct.new(:bytes) do
    # @return [UpClose::Artwork::DrawnFace] its letters as data
    # @raise [UpClose::Errors::BadArtwork]
    def face(key)
      face = UpClose::Artwork::Face.new(key: key, name: key, bytes: plain)
      Workers.drawing("reading its letters")
      UpClose::Artwork::DrawnFace.of(face, key: key, name: face.own_name || "A font of your own")
    rescue TTFunk::Error, StandardError => error
      raise if error.is_a?(UpClose::Error)
      refuse("This font is incomplete or damaged.", "Copy it again from its source.")
    end

    private

    # by its first bytes
    def plain
      case bytes.byteslice(0, 4).to_s.b
      when "\0\1\0\0".b, "true".b, "OTTO".b then bytes
      when "wOFF".b then UpClose::Formats::WOFF.unwrapped(bytes)
      when "wOF2".b
        refuse(
          "This is a WOFF2, which is packed in a way that Up Close does not unpack.",
          "Use the same font as TTF, OTF or WOFF."
        )
      when "ttcf".b
        refuse("This file holds several fonts.", "Take the one that you want out of it, as TTF or OTF.")
      else refuse("This is no font, whatever its name says.", "Choose a TTF, OTF or WOFF.")
      end
    end

    def refuse(reason, remedy) = raise(UpClose::Errors::BadArtwork.new(reason, remedy: remedy, field: :font_file))
  end
end
