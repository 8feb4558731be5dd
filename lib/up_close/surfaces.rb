# frozen_string_literal: true

module UpClose
  # Shapes a mark can lie on, one a file. A new file here is a new shape everywhere.
  module Surfaces
    extend Catalogue

    # @return [Boolean] whether a constant here is a shape that makers choose
    def self.definition?(constant) = constant.is_a?(Class) && constant < Shape && !constant.hidden?

    # @param shape [Module]  @return [Array] its place in lists
    def self.rank(shape) = place_in_lists(shape.listed, shape.key)

    # @raise [Errors::Unknown]
    def self.fetch(key)
      all.find { |shape| shape.key == key.to_s } ||
        raise(Errors::Unknown.new(
          "There is no shape called “#{key}”.",
          remedy: "Choose one of: #{all.map(&:title).join(", ")}.",
          field: :shape
        ))
    end

    # What a coat all over one side of a flat piece, or all round a curved one, covers.
    # @param shape [Shape]
    # @return [Float] mm²
    def self.coated_mm2(shape)
      return shape.figures[:area_mm2] if shape.curved?
      outer, *holes = shape.path.flatten(0.1).map { |points, _| Geometry::Ring.new(points).area }.sort.reverse
      outer - holes.sum
    end

    # @param measures [Hash{Symbol => Numeric}] mm and counts
    # @param keep_outs [Array<KeepOut>]
    # @return [Shape]
    # @raise [Errors::BadShape, Errors::Unknown]
    def self.build(key, measures, keep_outs: [])
      shape = fetch(key).new(**measures)
      keep_outs.empty? ? shape : WithKeepOuts.new(shape, keep_outs)
    end
  end
end
