# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # A ground with dips deeper than the method fills: it touches only the high spots.
      module RoughGround
        # what a ground that is too rough leaves of the chance: a starting value
        FACTOR = 0.8
        # so many times what is bridged, and nothing comes whole
        TOO_ROUGH = 4

        module_function

        # @return [Finding, nil]
        def call(situation)
          limit, ground = situation.transfer_method.bridges_um, situation.ground
          return if limit.nil? || ground.nil? || ground.roughness_um <= limit
          finding(situation, ground, limit, after_sanding(situation))
        end

        # @param ground [Materials::Ground]
        # @param limit [Numeric] µm
        # @param sanded [Materials::Ground, nil]
        # @return [Finding]
        def finding(situation, ground, limit, sanded)
          over = sanded ? sanded.roughness_um > limit * TOO_ROUGH : ground.roughness_um > limit * TOO_ROUGH
          Finding.new(
            key: :rough_ground, title: "How rough it is", verdict: over ? :stop : :watch, factor: FACTOR,
            figure: "#{Working.number(ground.roughness_um, 0)} µm", value: ground.roughness_um, unit: "µm",
            limit: limit,
            working: Working.new(
              "#{ground.working.formula}, against #{Working.number(limit, 0)} µm that " \
              "#{situation.transfer_method.title.downcase} bridges",
              source: "starting values"
            ),
            reason: "It touches only the high spots of #{situation.ground_words}: each dip becomes a missing spot.",
            remedy: remedy(situation, sanded, limit)
          )
        end

        # the ground as the method's own steps sand it, where it can be
        # @return [Materials::Ground, nil]
        def after_sanding(situation)
          grit = situation.transfer_method.sands_to
          situation.ground.sanded_to(grit) if grit
        end

        # @param sanded [Materials::Ground, nil]  @param limit [Numeric] µm  @return [String]
        def remedy(situation, sanded, limit)
          if sanded && sanded.roughness_um <= limit
            grit = situation.transfer_method.sands_to
            return "Sand it to #{grit} first: it is a step. Feel for ridges before you print."
          end
          others = Methods.all.select { |m| fits?(m, situation) }.first(3).map { |m| m.title.downcase }
          return "Fill and sand it, or give it two coats and sand between." if others.empty?
          "Fill and sand it first, or choose #{others.join(" or ")}."
        end

        # @param method [Class]
        # @return [Boolean] it bridges this ground, for the same purpose, from a printer there is
        def fits?(method, situation)
          return false if method == situation.transfer_method || (method.printers & situation.printers).empty?
          return false if situation.purpose && !method.serves.key?(situation.purpose.key.to_sym)
          method.bridges_um.nil? || method.bridges_um >= situation.ground.roughness_um
        end
      end
    end
  end
end
