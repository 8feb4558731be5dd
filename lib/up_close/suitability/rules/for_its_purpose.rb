# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # A method that does not leave what the mark is for: film under a burner, a picture in a bath.
      module ForItsPurpose
        module_function

        # @return [Finding, nil]
        def call(situation)
          purpose = situation.purpose or return
          piece = purpose.against_piece(situation.material)
          why = piece || purpose.against(situation.transfer_method) or return
          Finding.stop(
            :purpose, "What it is for",
            figure: purpose.title.downcase, reason: why,
            remedy: piece ? "Choose another purpose, or a metal piece." : remedy(situation)
          )
        end

        # @param situation [Situation]  @return [String]
        def remedy(situation)
          purpose, family = situation.purpose.key, situation.material&.family
          fitting = Methods.all.select { |m| m.serves.key?(purpose.to_sym) && (m.printers & situation.printers).any? }
          "Choose #{fitting.min_by(3) { |m| m.place_for(purpose, family) }.map { |m| m.title.downcase }.join(" or ")}."
        end
      end
    end
  end
end
