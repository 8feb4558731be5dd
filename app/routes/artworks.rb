# frozen_string_literal: true

module Routes
  # An artwork's ink, as the pages show it; and its original, as it came.
  module Artworks
    # what only these routes need
    module Helping
      # @param of [Artwork, Mark] a mark's artwork comes with the mark's own preparing
      # @param copy [Integer, nil] which member of a set
      def ink_path(of, copy = nil)
        if of.is_a?(Mark)
          return "/marks/#{of.id}/ink.#{of.design.picture? ? "png" : "svg"}?v=#{of.design.signature}" \
            "#{"&copy=#{copy}" if copy && of.artwork.set?}"
        end
        "/artworks/#{of.id}/ink.#{of.picture? ? "png" : "svg"}"
      end
    end

    def self.registered(app)
      app.helpers Helping
      drawn(app)
      of_marks(app)
      in_pixels(app)
      originals(app)
    end

    # as a drawing
    def self.drawn(app)
      app.get "/artworks/:id/ink.svg" do
        artwork = ::Artwork.find(params["id"])
        cache_control :private, max_age: 31_536_000
        content_type "image/svg+xml"
        artwork.picture? ? halt(404) : Workers.call(artwork.drawn, :ink_svg)
      end
    end

    # as a mark has it
    def self.of_marks(app)
      %w[svg png].each do |kind|
        app.get "/marks/:id/ink.#{kind}" do
          design = find_mark(params["id"]).design
          halt 404 unless design.picture? == (kind == "png")
          cache_control :private, max_age: 31_536_000
          content_type Shelves::PrintFiles::KINDS[kind]
          if kind == "png"
            Workers.call(design.drawn, :ink_png)
          else
            Workers.call(design.drawn, :ink_svg, params["copy"]&.to_i)
          end
        end
      end
    end

    # as pixels
    def self.in_pixels(app)
      app.get "/artworks/:id/ink.png" do
        artwork = ::Artwork.find(params["id"])
        cache_control :private, max_age: 31_536_000
        content_type "image/png"
        artwork.picture? ? Workers.call(artwork.drawn, :ink_png) : halt(404)
      end
    end

    # as it came
    def self.originals(app)
      app.get "/artworks/:id/original" do
        artwork = ::Artwork.find(params["id"])
        halt 404 unless artwork.original
        download(
          Shelves::OriginalStore.new(Settings.originals).get(artwork.original),
          "application/octet-stream",
          artwork.facts["file_name"] || artwork.name
        )
      end
    end

    private_class_method :drawn, :of_marks, :in_pixels, :originals
  end
end
