# frozen_string_literal: true

module Helpers
  # Small pieces of wording and marking.
  module Words
    SIGNS = {fine: "●", watch: "▲", stop: "■"}.freeze
    SAID = {fine: "fine", watch: "watch", stop: "stop", note: ""}.freeze

    def sign(verdict) = SIGNS[verdict]

    def verdict_word(verdict) = SAID[verdict]

    # what a step on the image's way does to it
    def turn_words(passage, first:, turned:)
      return "turned over" if passage.turned?
      return "no turn" unless first
      turned ? "printed mirrored" : "printed as it reads"
    end

    def mm(value) = writer.with_unit(value)

    # a hundredth of a millimetre, for what a coupon tells
    def fine_mm(value)
      return "#{UpClose::Working.number(value)} mm" unless writer.inches?
      "#{UpClose::Working.number(value / 25.4, 4)}\""
    end

    def count(number, singular, many = "#{singular}s") = "#{number} #{(number == 1) ? singular : many}"

    # which way the printed face lies in each tray of the mark's printer, where that is known
    # @return [String] ", facing up in the rear tray", or empty
    def facing_words(mark)
      faces = mark.own_printer&.tray_faces || []
      faces.filter_map { |tray, face| ", facing #{face}#{" in the #{tray} tray" unless tray.empty?}" if face }.join
    end

    # days of the week from the one that the shop's week begins with
    def week = (0..6).to_a.rotate(Preference.get("week_start").to_i)

    def days_left(job)
      days = job.days_left(today) or return nil
      return "#{count(days, "day")} left" if days.positive?
      days.zero? ? "due today" : "#{count(-days, "day")} over"
    end

    # what an artwork is kept as, and how large
    # @param artwork [Artwork]
    def kind_words(artwork)
      box = artwork.ink_core.box
      case artwork.kind
      when "lettering" then "#{Shelves::FontShelf.names[artwork.font]}, printed as lines"
      when "picture" then "#{box.width.round} × #{box.height.round} pixels of ink"
      else "lines, printed as lines"
      end
    end

    # figures never stand in the heading face: its 1 is a bare stroke
    def figured(text)
      Rack::Utils.escape_html(text).gsub(/(?<!&#)\d+(?!;)/) { |digits| %(<span class="num">#{digits}</span>) }
    end

    # the field's error, tied to it for a screen reader
    # how a drawing is moved about: by a mouse and keys, or by fingers
    # @param by_mouse [String]  @param what [String] is held
    # @return [String] HTML
    def how_to_move(by_mouse, what: "it")
      %(<span class="by-mouse">#{Rack::Utils.escape_html(by_mouse)}</span>) +
        %(<span class="by-touch">to move #{what}, hold it still, then drag; a swipe scrolls, two fingers enlarge</span>)
    end

    # what this page shows, so that its form can be told what was changed meanwhile
    def seen_field(shown)
      %(<input type="hidden" name="#{Forms::Seen::FIELD}" value="#{Rack::Utils.escape_html(Forms::Seen.text(shown))}">)
    end

    def error_for(form, name) = (e = form&.error(name)) ? part(:field_error, name: name, error: e) : ""

    def invalid(form, name) = form&.error(name) ? %( aria-invalid="true" aria-describedby="error-#{name}") : ""
  end
end
