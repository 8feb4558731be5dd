# frozen_string_literal: true

module Helpers
  # What every page needs.
  module Page
    # @param locals [Hash] what the view speaks of; :title names the window
    def page(view, **locals) = erb(view, locals: {title: nil, here: nil, **locals}, layout: :layout)

    def part(view, **locals) = erb(:"parts/#{view}", locals: locals, layout: false)

    # drawings of marks in rows, each drawn once for as long as nothing that it shows is changed
    THUMBS = Shelves::LruCache.new(most: 600)

    # @param mark [Mark]
    # @return [String] SVG
    def thumb(mark)
      @drawn_from ||= ChangeCount.of("artworks", "boards", "marks", "pieces")
      THUMBS.fetch([mark.id, @drawn_from]) { part(:thumb, thumb: Presenters::Thumb.new(mark)) }
    end

    # whether the one who looks may press Done and no more
    def helper? = env[Helpers::Gate::CALLER]&.helper? || false

    FORM = /<form\b[^>]*>/
    LINK = /<a\b[^>]*\bhref="(\/[^"]*)"[^>]*>/
    # a form that its viewer may not send lies still, and a link that its viewer may not follow is plain text
    def as_seen(html)
      return html unless helper?
      html.gsub(FORM) { |form| sendable?(form) ? form : form.sub("<form", "<form inert") }
        .gsub(LINK) { |link| readable?($1) ? link : %(<a role="link" aria-disabled="true">) }
    end

    def sendable?(form)
      verb = form.match?(/method="post"/i) ? "POST" : "GET"
      Web::HELPER_RIGHTS.allows?(verb, form[/action="([^"?]*)/, 1].to_s)
    end

    # @param href [String] an address in this shop
    def readable?(href) = Web::HELPER_RIGHTS.allows?("GET", href[/\A[^?#]*/])

    def now = settings.clock

    # the server's clock as a page is sent, ms: the layout is filled in last
    def sent_ms = Presenters::ClockFace.ms(now.to_f)

    def today = now.to_date

    def unit = @unit ||= Preference.get("unit")

    def light = @light ||= Preference.get("light")

    def writer
      @writer ||= UpClose::Measure::LengthWriter.new(unit, fractions: Preference.get("fractions"))
    end

    # what a drag is rounded to: a tenth of a millimetre, or a 64th of an inch
    def drag_grid_mm = (unit == "in") ? 25.4 / 64 : 0.1

    # an amount with the shop's currency: "€12.50", "12.50 kr"
    # @param cents [Numeric]
    def money(cents) = UpClose::Costing::Money.with_currency(cents, currency)

    def currency = @currency ||= Preference.get("currency")

    def csrf = Rack::Protection::AuthenticityToken.token(session)

    # what every form bears: that it is this shop's own, and which page's it is, by which a second press is known
    def csrf_field
      @once ||= Once.token
      %(<input type="hidden" name="authenticity_token" value="#{csrf}">) +
        %(<input type="hidden" name="#{Once::FIELD}" value="#{@once}">)
    end

    # a form of one button: what it sends, its button still to come
    # @return [String] HTML, the form left open
    def posted(base, path, name, value)
      hidden = %(<input type="hidden" name="#{name}" value="#{Rack::Utils.escape_html(value.to_s)}">)
      %(<form method="post" action="#{base}/#{path}">#{csrf_field}#{hidden})
    end

    # a changed file is a new address
    def asset(path)
      folder = path.start_with?("/js") ? File.join(settings.root, "app/assets") : settings.public_folder
      file = File.join(folder, path)
      "#{path}?#{File.mtime(file).to_i}"
    end

    # the shop's own schools, by their method's key; asked once for a page
    # @return [Hash{String => Array<OwnSchool>}]
    def own_schools = @own_schools ||= OwnSchool.order(:title).group_by(&:method_key).tap { |all| all.default = [] }

    def default_paper = UpClose::Printing::Paper.fetch(Preference.get("paper"))

    def every_method = UpClose::Methods.all

    def find_mark(id) = Mark.live.preload(:artwork, piece: :job).find(id)

    def row(mark) = Presenters::CardRow.new(mark, writer: writer, now: now)

    # pages of a mark that are no stage of its row
    PAGES_BESIDE = {
      "purpose" => "What it is for", "compare" => "Compare", "bath" => "The bath", "template" => "The template",
      "tool" => "The tool", "strap" => "Find the place", "cover" => "Cover it",
      "pictures" => "Many pictures", "wrong" => "What went wrong", "over" => "Letters over the photo"
    }.freeze

    # a stage page, with the job card's row on top
    def stage(mark, stage, **locals)
      page(
        :"marks/#{stage}",
        mark: mark,
        stage: stage,
        here: :jobs,
        title: "#{Presenters::CardRow::STAGES[stage] || PAGES_BESIDE.fetch(stage, "Artwork")} · #{mark.title}",
        **locals
      )
    end

    def download(bytes, type, name)
      content_type type
      # plain letters for those who know no others, and the name as it is (RFC 6266)
      plain, whole = name.gsub(/[^A-Za-z0-9_.-]+/, "-"), ERB::Util.url_encode(name)
      headers "content-disposition" => %(attachment; filename="#{plain}"; filename*=UTF-8''#{whole})
      bytes
    end
  end
end
