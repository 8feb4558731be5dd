# frozen_string_literal: true

module UpClose
  module Artwork
    # What can be done to artwork before it is printed: preparing/ one a file, each
    # a module with KEY, TITLE, WORDS, PARAMETERS and call. The original is never changed.
    module Preparing
      # where a step says nothing of its place
      LAST = 1000

      # One figure of a step. Frozen.
      Figure = Value.define(:key, :words, :default, :range, :unit) do
        def tick? = false
      end

      # A choice of a step, 0 or 1. Frozen.
      Tick = Value.define(:key, :words) do
        def default = 0.0

        def range = 0.0..1.0

        def unit = ""

        def tick? = true
      end

      # @return [Array<Module>]
      def self.all
        @all ||= constants.map { |name| const_get(name) }.select { |c| c.respond_to?(:call) && c.const_defined?(:KEY) }
          .sort_by { |step| [step.const_defined?(:LISTED) ? step::LISTED : LAST, step::KEY] }.freeze
      end

      # to choose from: a set stays letters, and some steps have a place of their own
      def self.for(set: false)
        all.reject { |step| step.const_defined?(:BY_ITSELF) || (set && !step.const_defined?(:ON_LINES)) }
      end

      # @raise [Errors::Unknown]
      def self.fetch(key)
        all.find { |step| key.to_s == step::KEY } ||
          raise(Errors::Unknown.new(
            "There is no step called “#{key}”.",
            remedy: "Choose one of: #{all.map { |s| s::TITLE.downcase }.join(", ")}.",
            field: :recipe
          ))
      end

      # What a step works with: how large things are, and what the piece is. Frozen.
      class Bench
        attr_reader :per_mm, :shape

        # @param per_mm [Float] the artwork's own units a millimetre, at final size
        # @param shape [Surfaces::Shape, nil]
        # @yieldreturn [Geometry::Box] the ink's, or that of a whole set's; asked only when needed
        def initialize(per_mm:, shape: nil, &box)
          @per_mm, @shape, @box = per_mm, shape, box
          freeze
        end

        def middle = @box.call.centre
      end
    end
  end
end
