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
        def kind = :figure

        # @return [Float, nil] nil where it is out of range or no number
        def read(value) = Float(value, exception: false)&.then { |number| number if range.cover?(number) }

        def bounds = "lies between #{Working.number(range.begin)} and #{Working.number(range.end)}#{unit}"
      end

      # A choice of a step, 0 or 1. Frozen.
      Tick = Value.define(:key, :words) do
        def kind = :tick

        def default = 0.0

        def read(value) = Float(value, exception: false)&.then { |number| number if number.between?(0, 1) }

        def bounds = "is 0 or 1"
      end

      # A colour of a step, as "#5b3a29". Frozen.
      Tint = Value.define(:key, :words) do
        def kind = :tint

        # the piece's own
        def default = ""

        def read(value) = value.to_s.match?(/\A#?\h{6}\z/) ? "##{value.to_s.delete_prefix("#").downcase}" : nil

        def bounds = "is written as #5b3a29"
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

      # What a step works with: how large things are, what the piece is, and where the picture has tone. Frozen.
      class Bench
        attr_reader :per_mm, :shape, :colour

        # @param per_mm [Float] the artwork's own units a millimetre, at final size
        # @param shape [Surfaces::Shape, nil]  @param colour [Colour, nil] of the piece
        # @param kind [#call, nil] what kind of artwork is worked on; asked only when needed
        # @yieldreturn [Geometry::Box] the ink's, or that of a whole set's; asked only when needed
        def initialize(per_mm:, shape: nil, colour: nil, kind: nil, &box)
          @per_mm, @shape, @colour, @kind, @box = per_mm, shape, colour, kind, box
          freeze
        end

        # @return [Kind, nil]
        def kind = @kind&.call

        # Where a picture has continuous tone, which steps for lines leave as it is.
        # @return [Vips::Image, nil] a mask as large as it; nil where it has none, or nothing but that
        def toned(picture) = kind&.toned_region(picture.image.width, picture.image.height)

        def box = @box.call

        def middle = box.centre
      end
    end
  end
end
