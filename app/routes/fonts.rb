# frozen_string_literal: true

module Routes
  # The fonts here: those that ship, and the maker's own.
  module Fonts
    SAMPLE = "Pellow Ness 1:48"

    # what only these routes need
    module Helping
      def fonts_page(form: nil)
        mark = params["mark"].to_s.match?(/\A\d+\z/) ? params["mark"] : nil
        page :"fonts/index",
          here: :jobs, title: "Fonts", form: form, mark: mark, own: Shelves::OwnFonts.new(Settings.fonts).all
      end

      # @return [String] an SVG of words in it, those letters that it has
      def font_sample(key)
        face = Shelves::FontShelf.fetch(key)
        words = SAMPLE.chars.select { |char| face.has?(char) }.join.strip
        drawing = UpClose::Artwork::Lettering.new(face, words.empty? ? "A" : words).drawing
        box = drawing.ink.box.grown(0.1)
        view = box.to_a.map { |v| v.round(3) }.join(" ")
        line = UpClose::Formats::SVG::PathWriter.call(drawing.shapes.first.path, places: 3)
        about = %(class="font-sample" aria-hidden="true")
        %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="#{view}" #{about}><path d="#{line}"/></svg>)
      rescue UpClose::Error
        ""
      end
    end

    def self.registered(app)
      app.get("/fonts") { fonts_page }

      app.post "/fonts" do
        form = Forms::FontForm.new(params)
        key = Actions::AddFont.call(form)
        halt 422, fonts_page(form: form) unless key
        redirect to(params["mark"].to_s.match?(/\A\d+\z/) ? "/marks/#{params["mark"]}/artwork?font=#{key}" : "/fonts"),
          303
      end

      app.helpers Helping
    end
  end
end
