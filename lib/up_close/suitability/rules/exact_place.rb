# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # A mark that has to sit exactly, by a method that grips where it touches.
      module ExactPlace
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return unless situation.used?("exact") && !situation.transfer_method.movable?
          Finding.watch(
            :exact_place, "Exact place needed",
            figure: "no second try",
            reason: "#{situation.transfer_method.title} cannot be moved once it lies.",
            remedy: "Print spares, practise on scrap, and tape one edge as a hinge on the pencil lines. " \
              "Or choose one that can be nudged: #{others(situation)}."
          )
        end

        # @param situation [Situation]  @return [String] titles of methods that would do
        def others(situation)
          Methods.all
            .select { |m|
              m.movable? && m.printers.include?(situation.printer) && m.low_risk? == situation.transfer_method.low_risk?
            }
            .first(3)
            .map { |m| m.title.downcase }
            .join(", ")
        end
      end
    end
  end
end
