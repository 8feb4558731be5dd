# frozen_string_literal: true

module UpClose
  # What work uses up beside sheets. A step names one by its key; a shop gives it a price.
  module Supplies
    # @return [Array<Kind>] those that several methods, finishes or works take
    def self.all = Shared::ALL

    # @param named [String, Kind] its key, or a kind that a definition keeps for itself
    # @return [Kind]
    # @raise [Errors::Unknown]
    def self.fetch(named)
      return named if named.is_a?(Kind)
      Shared::ALL.find { |kind| kind.key == named } || raise(Errors::Unknown.new(
        "There is no supply called “#{named}”.",
        remedy: "Choose one of: #{Shared::ALL.map(&:key).join(", ")}.",
        field: :supply
      ))
    end

    # @param title [String]  @param unit [String]
    # @return [Kind] the shared one of this title, or one without a usual price
    def self.titled(title, unit)
      Shared::ALL.find { |kind| kind.title == title && kind.unit == unit } || Kind.of(title, unit)
    end

    # @param key [String, nil] older runs kept none
    # @return [Kind] as a run kept it
    def self.kept(key, title, unit)
      Shared::ALL.find { |kind| kind.key == key } || (key ? Kind.new(key, title, unit) : titled(title, unit))
    end
  end
end
