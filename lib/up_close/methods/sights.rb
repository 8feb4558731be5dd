# frozen_string_literal: true

module UpClose
  module Methods
    # What the eye decides by at one step of a method, as three small pictures: right, too early or too little, too
    # late or too much. Each picture is one of PATCHES, an inked letter on its ground.
    class Sights
      # how an inked letter can look; each is drawn in one file of app/views/drawings/patches
      PATCHES = %i[sharp faint smeared broken haze torn curled bled scorched pinholes doubled].freeze

      # One picture. +label+ says when one sees it, +words+ what it means. Frozen.
      Sight = Value.define(:label, :patch, :words)

      attr_reader :steps, :all

      # @param steps [Array<Symbol>] keys of the steps at which it is looked at
      # @param right [Array(Symbol, String)] patch and words  @param early [Array(Symbol, String)]
      # @param late [Array(Symbol, String)]  @param called [Array(String, String)] what early and late are here
      def initialize(steps, right:, early:, late:, called: ["too early", "too late"])
        @steps = steps.map(&:to_s).freeze
        @all = [Sight.new("right", *right), Sight.new(called[0], *early), Sight.new(called[1], *late)].freeze
        freeze
      end

      # @param step [Step] of a run too: "lay:3"
      def at?(step) = steps.include?(step.key[/\A[a-z_]+?(?=[_:]?\d|:|\z)/])
    end
  end
end
