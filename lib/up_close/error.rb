# frozen_string_literal: true

module UpClose
  # The one family of refusals. +message+ is the reason in a maker's words,
  # +remedy+ the way out, +field+ the input it belongs to (a Symbol or nil).
  class Error < StandardError
    attr_reader :remedy, :field

    def initialize(reason, remedy: nil, field: nil)
      super(reason)
      @remedy = remedy
      @field = field
    end

    # @return [String] reason and remedy as one plain line
    def sentence = [message, remedy].compact.join(" ")
  end
end
