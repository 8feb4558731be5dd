# frozen_string_literal: true

module UpClose
  # Ways of transferring, one a file. A new file here is a new method everywhere.
  module Methods
    # what a method leaves on the piece, in words
    RESIDUES = {
      film: "water-slide film", toner: "toner", dye_ink: "raw dye ink", medium: "baked or dried medium",
      tape: "clear tape", foil: "printed foil", line: "a drawn line", resist: "etch resist",
      worked: "a line worked into the piece"
    }.freeze

    # the most vapour that someone accepts, in words
    FUMES = {"strong" => "any", "low" => "a little", "none" => "none: children, pets, lungs"}.freeze

    extend Catalogue

    # @return [Boolean] whether a constant here is a method
    def self.definition?(constant) = constant.is_a?(Class) && constant < Definition

    # @param method [Module]  @return [Array] its place in lists
    def self.rank(method) = place_in_lists(method.listed, method.key)

    # What steps use up for one copy, what several take added up.
    # @param steps [Array<Step>]
    # @return [Array<Supply>]
    def self.taken(steps)
      steps.flat_map(&:consumes).group_by { |supply| [supply.title, supply.kind] }.map do |(title, kind), all|
        Supply.new(
          kind: kind,
          title: title,
          amount: all.sum(&:amount),
          least: all.filter_map(&:least).max,
          working: all.filter_map(&:working).join("; ")
        )
      end
    end

    # @param taken [Array<Supply>]
    # @return [String] "4 ml of acetone, 2 cotton swabs"
    def self.amounts(taken, copies = 1) = taken.map { |supply| supply.words(copies) }.join(", ")

    # @return [Class] a Definition
    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |method| method.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "There is no method called “#{key}”.",
          remedy: "Choose one of: #{all.map(&:key).join(", ")}.",
          field: :method
        ))
    end
  end
end
