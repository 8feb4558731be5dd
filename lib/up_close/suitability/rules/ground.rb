# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # What a method says of the grounds it takes.
      module Ground
        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          ground = situation.transfer_method.ground or return
          return unless situation.material
          return refused(situation, ground) unless ground[:families].include?(situation.material.family)
          coat(situation, ground) if ground[:bare] && situation.finish&.coated?
        end

        # @param ground [Hash] as Methods::Definition has it  @return [Finding]
        def refused(situation, ground)
          Finding.stop(
            :ground, "The ground",
            figure: situation.ground_words,
            reason: "#{situation.transfer_method.title} is not for #{situation.material.title}. #{ground[:why]}",
            remedy: "Choose a method that takes #{situation.material.title}: #{others(situation)}."
          )
        end

        # @param ground [Hash]  @return [Finding]
        def coat(situation, ground)
          Finding.new(
            key: :ground,
            title: "The ground",
            verdict: ground[:bare],
            figure: situation.ground_words,
            reason: "It wants a bare ground. #{ground[:why]}",
            remedy: "Take the #{situation.finish.title} off where the mark goes, or choose #{others(situation)}."
          )
        end

        # @param situation [Situation]  @return [String] titles of methods that would do
        def others(situation)
          fitting = Methods.all.reject { |m| m == situation.transfer_method }.select do |m|
            if m.ground.nil?
              m.movable?
            else
              m.ground[:families].include?(situation.material.family) && !(m.ground[:bare] && situation.finish&.coated?)
            end
          end
          fitting.first(3).map { |m| m.title.downcase }.join(" or ")
        end
      end
    end
  end
end
