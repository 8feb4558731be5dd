# frozen_string_literal: true

require "shelves/own_fonts"
require "up_close"

module Shelves
  # The fonts that ship with Up Close; a new one is a file in app/assets/fonts/lettering and a line here.
  class FontShelf
    ROOT = File.expand_path("../../app/assets/fonts/lettering", __dir__)
    FACES = {
      "atkinson-hyperlegible" => ["Atkinson Hyperlegible", "atkinson-hyperlegible.ttf"],
      "atkinson-hyperlegible-bold" => ["Atkinson Hyperlegible Bold", "atkinson-hyperlegible-bold.ttf"],
      "routed-gothic" => ["Routed Gothic", "routed-gothic.ttf"],
      "overpass-bold" => ["Overpass Bold", "overpass-bold.ttf"],
      "bebas-neue" => ["Bebas Neue", "bebas-neue.otf"],
      "roboto-slab-bold" => ["Roboto Slab Bold", "roboto-slab-bold.ttf"],
      "courier-prime" => ["Courier Prime", "courier-prime.otf"],
      "allerta-stencil" => ["Allerta Stencil", "allerta-stencil.otf"],
      "dancing-script-bold" => ["Dancing Script Bold", "dancing-script-bold.otf"]
    }.freeze
    LOCK = Mutex.new
    @faces = {}

    class << self
      # the folder of the maker's own, beside those that ship; workers are told it by their environment
      def own = OwnFonts.new(ENV.fetch("UP_CLOSE_FONTS", ""))

      # @return [Hash{String => String}] key → name, those that ship
      def shipped = FACES.transform_values(&:first)

      # @return [Hash{String => String}] key → name
      def names = shipped.merge(own.all.transform_values { |about| about["name"] })

      # @return [UpClose::Artwork::Face]
      # @raise [UpClose::Errors::Unknown]
      def fetch(key)
        return own_face(key.to_s) if OwnFonts::KEY.match?(key.to_s)
        name, file = FACES[key.to_s]
        unless file
          raise UpClose::Errors::Unknown.new(
            "No font called “#{key}” ships with Up Close.",
            remedy: "Choose one of: #{FACES.keys.join(", ")}.",
            field: :font
          )
        end
        LOCK.synchronize do
          @faces[key.to_s] ||= UpClose::Artwork::Face.new(
            key: key.to_s,
            name: name,
            bytes: File.binread(File.join(ROOT, file))
          )
        end
      end

      def own_face(key)
        LOCK.synchronize { @faces[key] ||= own.face(key) } || raise(UpClose::Errors::Unknown.new(
          "This font of your own is no longer here.",
          remedy: "Add it again, or choose another.",
          field: :font
        ))
      end
      private :own_face

      def path(key) = File.join(ROOT, FACES.fetch(key).last)
    end
  end
end
