# frozen_string_literal: true

module UpClose
  # Ways of transferring, one a file. A new file here is a new method everywhere.
  module Methods
    ORDER = %w[water-slide solvent-rub ink-offset iron-on gel-medium varnish-paper tape-lift baked-medium heat-resist lacquer-pull foil-skin tracing cut-template].freeze

    # @return [Array<Class>]
    def self.all
      @all ||= constants.map { |name| const_get(name) }
        .select { |c| c.is_a?(Class) && c < Definition }
        .sort_by { |c| [ORDER.index(c.key) || ORDER.size, c.key] }.freeze
    end

    # What steps use up for one copy, what several take added up.
    # @param steps [Array<Step>]
    # @return [Array<Array(String, Numeric, String)>] title, amount, unit
    def self.taken(steps) = steps.flat_map(&:takes).group_by { |title, _, unit| [title, unit] }.map { |(title, unit), all| [title, all.sum { |t| t[1] }, unit] }

    # @param taken [Array<Array(String, Numeric, String)>]
    # @return [String] "4 ml of acetone, 2 cotton swabs"
    def self.amounts(taken, copies = 1)
      taken.map { |title, amount, unit| "#{Working.number(amount * copies)} #{title.end_with?(unit) ? title : "#{unit} of #{title}"}" }.join(", ")
    end

    # @return [Class] a Definition
    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |method| method.key == key.to_s } ||
        raise(Errors::Unknown.new("Up Close knows no method called “#{key}”.", remedy: "Choose one of: #{all.map(&:key).join(", ")}.", field: :method))
    end
  end
end
