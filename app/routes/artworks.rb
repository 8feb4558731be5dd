# frozen_string_literal: true

module Routes
  # An artwork's ink, as the pages show it; and its original, as it came.
  module Artworks
    SHOWN_PX = 1600

    # what only these routes need
    module Helping
      # the ink's own box fills the view
      # @param artwork [Artwork, Design]  @param drawing [UpClose::Artwork::Drawing] of a set, one member
      def ink_svg(artwork, drawing = artwork.to_core)
        box = artwork.ink.box
        %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="#{box.to_a.join(" ")}">#{UpClose::Formats::SVG::Painting.call(drawing)}</svg>)
      end

      def ink_png(artwork)
        image = Vips::Image.new_from_buffer(artwork.to_core.print_png, "")
        shrink = SHOWN_PX / [image.width, image.height].max.to_f
        ((shrink < 1) ? image.resize(shrink) : image).pngsave_buffer(compression: 3)
      end

      # @param of [Artwork, Mark] a mark's artwork comes with the mark's own preparing
      # @param copy [Integer, nil] which member of a set
      def ink_path(of, copy = nil)
        return "/marks/#{of.id}/ink.#{of.design.picture? ? "png" : "svg"}?v=#{of.design.signature}#{"&copy=#{copy}" if copy && of.artwork.set?}" if of.is_a?(Mark)
        "/artworks/#{of.id}/ink.#{of.picture? ? "png" : "svg"}"
      end
    end

    def self.registered(app)
      app.get "/artworks/:id/ink.svg" do
        artwork = ::Artwork.find(params["id"])
        cache_control :private, max_age: 31_536_000
        content_type "image/svg+xml"
        artwork.picture? ? halt(404) : ink_svg(artwork)
      end

      %w[svg png].each do |kind|
        app.get "/marks/:id/ink.#{kind}" do
          design = find_mark(params["id"]).design
          halt 404 unless design.picture? == (kind == "png")
          cache_control :private, max_age: 31_536_000
          content_type Shelves::PrintFiles::KINDS[kind]
          if kind == "png"
            ink_png(design)
          else
            ink_svg(design, (params["copy"] && design.artwork.set?) ? design.for_copy(params["copy"].to_i) : design.to_core)
          end
        end
      end

      app.get "/artworks/:id/ink.png" do
        artwork = ::Artwork.find(params["id"])
        cache_control :private, max_age: 31_536_000
        content_type "image/png"
        artwork.picture? ? ink_png(artwork) : halt(404)
      end

      app.get "/artworks/:id/original" do
        artwork = ::Artwork.find(params["id"])
        halt 404 unless artwork.original
        download(Shelves::OriginalStore.new(Settings.originals).get(artwork.original), "application/octet-stream", artwork.name)
      end

      app.helpers Helping
    end
  end
end
