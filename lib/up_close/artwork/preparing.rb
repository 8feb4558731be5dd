# frozen_string_literal: true

module UpClose
  module Artwork
    # What can be done to artwork before it is printed: preparing/ one a file, each
    # a module with KEY, TITLE, WORDS, PARAMETERS and call. The original is never changed.
    module Preparing
      ORDER = %w[crop straighten clear-ground pencil ink-lines threshold dot-screen invert thicken bend].freeze

      # One figure of a step. Frozen.
      Figure = Struct.new(:key, :words, :default, :range, :unit)

      # @return [Array<Module>]
      def self.all
        @all ||= constants.map { |name| const_get(name) }.select { |c| c.respond_to?(:call) && c.const_defined?(:KEY) }
          .sort_by { |step| [ORDER.index(step::KEY) || ORDER.size, step::KEY] }.freeze
      end

      # @raise [Errors::Unknown]
      def self.fetch(key)
        all.find { |step| key.to_s == step::KEY } ||
          raise(Errors::Unknown.new("Up Close knows no preparing called “#{key}”.", remedy: "Choose one of: #{all.map { |s| s::TITLE.downcase }.join(", ")}.", field: :recipe))
      end

      # What a step works with: how large things are, and what the piece is. Frozen.
      class Bench
        attr_reader :per_mm, :shape

        # @param per_mm [Float] the artwork's own units a millimetre, at final size
        # @param shape [Surfaces::Shape, nil]
        def initialize(per_mm:, shape: nil)
          @per_mm, @shape = per_mm, shape
          freeze
        end
      end
    end
  end
end
