# frozen_string_literal: true

require "digest"
require "json"

module Forms
  # What a form's page showed when it was made, against how it stands now: what was changed meanwhile, in another window
  # or on another device, so that nothing is laid over it unseen.
  class Seen
    FIELD = "shown"
    # longer texts are compared, not shown
    MOST_SHOWN = 40

    # @param shown [Hash{String => Object}] what stands in each field, by its words
    # @return [String] for the form's hidden field
    def self.text(shown) = JSON.generate(shown.transform_values { |value| short(value.to_s) })

    def self.short(text) = (text.length > MOST_SHOWN) ? compared(text) : text

    # stands before what is compared and not shown
    LONG = "…"

    # @param value [Object] as corners of an outline, which nobody reads as figures
    # @return [String] in its place
    def self.compared(value) = "#{LONG}#{Digest::SHA256.hexdigest(value.to_json)[0, 12]}"

    # @param text [String, nil] as +text+ gave it; nil from whoever does not say what it saw
    # @param now [Hash{String => Object}] the same fields as they stand now
    def initialize(text, now)
      @then = read(text)
      @now = now.transform_values { |value| Seen.short(value.to_s) }
    end

    # @return [Array<String>] fields that stand otherwise now
    def changed = @then ? (@then.keys | @now.keys).reject { |name| @then[name] == @now[name] } : []

    # @param fields [Hash{String => Object}] as they were sent
    # @return [Hash] those without what was sent as it was seen
    def own(fields) = @then ? fields.reject { |name, value| @then.key?(name) && @then[name] == value } : fields

    # @param names [Array<String>] of fields that were changed
    # @param words [Hash{String => String}] how each is called, where that is not its name
    # @return [String]
    def sentence(names = changed, words: {})
      told = names.map { |name| [words.fetch(name, name), told(name)].compact.join(" ") }
      "Changed in another window since this page was opened: #{told.join(", ")}. What you typed is kept. Save again " \
        "to lay it over that, or load the page anew to see what is there."
    end

    private

    # @return [String, nil] from what to what; nil for what is not shown
    def told(name)
      was, is = @then[name].to_s, @now[name].to_s
      return if [was, is].any? { |text| text.start_with?(LONG) }
      [was, is].map { |text| text.empty? ? "nothing" : text }.join(" → ")
    end

    def read(text)
      kept = JSON.parse(text.to_s, max_nesting: 2)
      kept.transform_values(&:to_s) if kept.is_a?(Hash)
    rescue JSON::ParserError
      nil
    end
  end
end
