# frozen_string_literal: true

module Actions
  # Goes on past what says stop, for a reason; and takes that back.
  module GoPast
    module_function

    # @param reason [String, nil] in the maker's words
    # @return [Boolean] whether it was given
    def call(mark, reason, now)
      words = reason.to_s.scrub("").strip[0, MarkStops::MOST_LETTERS]
      return false if words.empty?
      stops = LookAtArtwork.once(mark).stops
      mark.change(override: stops.passed_for(words, now)) if stops.any?
      true
    end

    def take_back(mark) = mark.change(override: {})

    # @raise [UpClose::Errors::Unsuitable] when something says stop and no reason was given
    def check!(mark)
      open = LookAtArtwork.once(mark).stops.open
      return if open.empty?
      raise UpClose::Errors::Unsuitable.new(
        open.map(&:words).join(" "),
        remedy: "Put it right, or give a reason for going on.",
        field: :override
      )
    end
  end
end
