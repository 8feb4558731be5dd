# frozen_string_literal: true

module UpClose
  module Boards
    # How a board is made: what is done to its copper, and how many of it lie on one plate. mm. Frozen.
    class Layout
      DEFAULTS = {
        dot_mm: 0.3, widen_mm: 0.0, fill: false, clearance_mm: 0.8, columns: 1, rows: 1, web_mm: 3.0, frame_mm: 0.0,
        pins: false
      }.freeze
      # of each setting, and what it is called
      RANGES = {
        dot_mm: [0.0..1.0, "bare spot"], widen_mm: [0.0..0.5, "widening"], clearance_mm: [0.2..5.0, "clearance"],
        columns: [1..20, "boards across"], rows: [1..20, "boards down"], web_mm: [0.0..20.0, "web"],
        frame_mm: [0.0..30.0, "frame"]
      }.freeze
      # register marks stand in the frame, so far from its outer edge
      PIN_MM = 1.0
      PIN_FRAME_MM = 6.0

      attr_reader(*DEFAULTS.keys)

      # @raise [Error] outside RANGES, each with its field
      def initialize(**given)
        DEFAULTS.merge(given).each { |name, value| instance_variable_set(:"@#{name}", value) }
        RANGES.each do |name, (range, title)|
          next if range.cover?(public_send(name))
          raise Error.new("#{title.capitalize}: #{Working.number(public_send(name))} is not possible.",
            remedy: "Give #{Working.number(range.begin)} to #{Working.number(range.end)}.", field: name)
        end
        @frame_mm = [frame_mm, PIN_FRAME_MM].max if pins
        freeze
      end

      def count = columns * rows

      # @return [Hash{Symbol => Object}]
      def to_h = DEFAULTS.keys.to_h { |name| [name, public_send(name)] }
    end
  end
end
