# frozen_string_literal: true

module UpClose
  # What of the piece may show through a print: asked of its maker, and then what its look is judged by.
  module ShowThrough
    # One answer. +changes+, +loses+: shares of the ink over which another colour, and what cannot be seen, is a stop;
    # nil: none is. Starting values. Frozen.
    Answer = Value.define(:key, :title, :words, :changes, :loses, keyword_init: true) do
      # what keeps its colours needs white beneath
      def white_under? = !changes.nil?
    end

    ALL = [
      Answer.new(
        key: "kept", title: "Colours kept", words: "White beneath hides the piece. Where you cut, a fine rim shows.",
        changes: 0.5, loses: 0.5
      ),
      Answer.new(
        key: "tinted", title: "Tinted by the piece", words: "No white: light parts are the piece itself.",
        changes: nil, loses: 0.5
      ),
      Answer.new(
        key: "faint", title: "Faint, worn", words: "About half of the ink, with gaps, like an old sign.",
        changes: nil, loses: nil
      )
    ].freeze

    # @param key [String, nil]  @return [Answer, nil] nil where it was not asked
    # @raise [Errors::Unknown]
    def self.fetch(key)
      return if key.nil?
      ALL.find { |answer| answer.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "There is no answer “#{key}” to what may show through.",
          remedy: "Use one of: #{ALL.map(&:key).join(", ")}.", field: :show_through
        ))
    end

    # what a way comes to while nobody has said: white film keeps colours, all else lets the piece through
    # @param stock [Sheets::Stock, nil]
    # @return [Answer]
    def self.usual(stock) = fetch(stock&.white? ? "kept" : "tinted")
  end
end
