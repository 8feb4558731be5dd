# frozen_string_literal: true

module UpClose
  module Surfaces
    # Looks a shape's file through when it is loaded.
    module DefinitionCheck
      FLAT = %i[inside_distance support path exit_distance].freeze
      CURVED = %i[unrolled front behind front_box front_outline figures working findings bearings].freeze

      module_function

      # @param shape [Class] a Shape
      # @raise [Errors::BadDefinition]
      def call(shape)
        if shape.key.to_s.empty? || shape.title.to_s.empty? || shape.parameters.empty?
          say(shape, "describe", "a key, a title and its measures")
        end
        base, wanted = (shape < Curved) ? [Curved, CURVED] : [Shape, FLAT]
        missing = wanted.find { |name| shape.instance_method(name).owner == base && !answered_elsewhere?(shape, name) }
        say(shape, missing, "every #{(base == Curved) ? "curved" : "flat"} shape answers it") if missing
      end

      # a shape that answers +reach+ itself needs no way out of its own
      def answered_elsewhere?(shape, name) = name == :exit_distance && shape.instance_method(:reach).owner != Shape

      # @raise [Errors::BadDefinition]
      def say(shape, name, wanted)
        raise Errors::BadDefinition.new(
          "The shape #{shape.name} does not say “#{name}”.",
          remedy: "Give #{name}: #{wanted}.",
          field: name.to_sym
        )
      end
    end
  end
end
