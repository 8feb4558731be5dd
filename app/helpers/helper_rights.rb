# frozen_string_literal: true

module Helpers
  # What a helper's device may read and send, by the app's own routes: it looks on at the bench and presses Done. A
  # route that is not named here is the maker's alone, so that a new one is until somebody decides otherwise.
  class HelperRights
    READS = %w[
      / /jobs /jobs/:id /timetable
      /marks/:id /marks/:id/apply /marks/:id/bench-card.pdf
      /runs/:id /runs/:id/photos/:name /now /changes
      /methods /methods/:key /safety /words /true-size
      /sign-in /join/:code /underway/:name /underway/:name/share
      /artworks/:id/ink.svg /artworks/:id/ink.png
      /marks/:id/ink.svg /marks/:id/ink.png /marks/:id/behind.svg /marks/:id/behind.png
      /marks/:id/look.png /marks/:id/front.png /marks/:id/impression.png
      /pieces/:id/photo.jpg /pieces/:id/straightened.png
    ].freeze
    SENDS = %w[/runs/:id/done /runs/:id/pass /sign-in /sign-out /join/:code].freeze
    ALLOWED = {"GET" => READS, "HEAD" => READS, "POST" => SENDS}.freeze

    # @param routes [#call] the app's table when it is asked for: verb → [[pattern, conditions, block]]
    def initialize(routes)
      @routes = routes
    end

    # @param verb [String] "GET"  @param path [String] as it was sent: the pattern decodes it, as the router's own does
    def allows?(verb, path)
      route = @routes.call.fetch(verb, []).find { |pattern, *| pattern.match(path.empty? ? "/" : path.b) }
      !route.nil? && ALLOWED.fetch(verb, []).include?(route.first.to_s)
    end
  end
end
