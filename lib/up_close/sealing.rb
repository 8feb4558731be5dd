# frozen_string_literal: true

module UpClose
  # Finishes over a mark, one a file, judged by what lies on the piece.
  module Sealing
    ORDER = %w[spray-acrylic spray-lacquer spray-satin brushed-water wiped-oil shellac cup-coat cast-resin baked-gloss oil-wax none].freeze

    def self.all
      @all ||= constants.map { |name| const_get(name) }
        .select { |c| c.is_a?(Class) && c < Sealer }
        .sort_by { |c| [ORDER.index(c.key) || ORDER.size, c.key] }.freeze
    end

    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |sealer| sealer.key == key.to_s } ||
        raise(Errors::Unknown.new("Up Close knows no sealer called “#{key}”.", remedy: "Choose one of: #{all.map(&:title).join(", ")}.", field: :sealer))
    end
  end
end
