# frozen_string_literal: true

module UpClose
  # What is done to a plate once it is etched and clean, one a file (handbook, “After the transfer”).
  module EtchFinishes
    extend Catalogue

    # @return [Boolean] whether a constant here is such a finish
    def self.definition?(constant) = constant.is_a?(Class) && constant < Finish

    # @param finish [Class]  @return [Array] its place in lists
    def self.rank(finish) = place_in_lists(finish.listed, finish.key)

    # @param metal [String] key of the material
    # @return [Array<Class>] that it takes
    def self.for(metal) = all.select { |finish| finish.metals.include?(metal.to_s) }

    # @param key [String, Symbol]  @return [Class] a Finish
    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |finish| finish.key == key.to_s } || raise(Errors::Unknown.new(
        "There is no plate finish called “#{key}”.", remedy: "Choose one of: #{all.map(&:key).join(", ")}.",
        field: :finish
      ))
    end
  end
end
