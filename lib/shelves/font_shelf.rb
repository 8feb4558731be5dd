# frozen_string_literal: true

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
      # @return [Hash{String => String}] key → name
      def names = FACES.transform_values(&:first)

      # @return [UpClose::Artwork::Face]
      # @raise [UpClose::Errors::Unknown]
      def fetch(key)
        name, file = FACES[key.to_s]
        unless file
          raise UpClose::Errors::Unknown.new("No font called “#{key}” ships with Up Close.", remedy: "Choose one of: #{FACES.keys.join(", ")}.", field: :font)
        end
        LOCK.synchronize { @faces[key.to_s] ||= UpClose::Artwork::Face.new(key: key.to_s, name: name, bytes: File.binread(File.join(ROOT, file))) }
      end

      def path(key) = File.join(ROOT, FACES.fetch(key).last)
    end
  end
end
