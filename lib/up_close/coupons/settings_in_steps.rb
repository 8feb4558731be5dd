# frozen_string_literal: true

module UpClose
  module Coupons
    # The best settings of a grid, written into a method's steps: the step that has such a setting says it first, and
    # keeps it where it is a figure of its own.
    class SettingsInSteps
      # @param steps [Array<Hash{String => Object}>] as Methods::OwnSteps has them
      # @param axes [Array<Grid::Axis>]  @param best [Hash{String => Numeric}] axis key → value in its unit
      # @raise [UpClose::Error] where no step has such a setting
      def initialize(steps, axes, best)
        @steps, @best = steps, best
        @by_step = axes.group_by { |axis| step_of(axis) }
      end

      # @return [String] key of the first step that is changed
      def first_step = @by_step.keys.first

      # @return [Array<Hash{String => Object}>] the steps with what is changed
      def call = @steps.map { |step| step.merge(changes(step, @by_step.fetch(step["key"], []))) }

      # @return [String] "About 182 °C, 123 s"
      def words(axes = @by_step.values.flatten)
        "About #{axes.map { |axis| axis.words(value(axis.key)) }.join(", ")}"
      end

      private

      def value(key) = Setting.find(key).kept(@best.fetch(key))

      def step_of(axis)
        keys = @steps.map { |step| step["key"] }
        Setting.find(axis.key).steps.find { |key| keys.include?(key) } || raise(Error.new(
          "No step of this method has #{axis.title} of its own.",
          remedy: "Write it into your own way by hand.",
          field: :grid
        ))
      end

      def changes(step, axes)
        return {} if axes.empty?
        added = "#{words(axes)}."
        before = step["words"].to_s
        figures(step, axes).merge("words" => before.include?(added) ? step["words"] : "#{added} #{before}".strip)
      end

      # those that the step has of its own
      def figures(step, axes)
        axes.each_with_object({}) do |axis, figures|
          figure = Setting.find(axis.key).figure
          figures[figure] = value(axis.key) if step.key?(figure)
        end
      end
    end
  end
end
