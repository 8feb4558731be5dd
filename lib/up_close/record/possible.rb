# frozen_string_literal: true

module UpClose
  module Record
    # The faults that can happen by one way of doing it, for one purpose: what a piece is asked about.
    module Possible
      # with anything that is printed and placed
      ALWAYS = %w[wrong-way wrong-size crooked].freeze
      # by what lies on the piece
      BY_RESIDUE = {
        film: %w[wrinkles torn silvering bubbles lifted box cracked ran lost],
        toner: %w[missing-spots faint smeared patchy torn lost],
        dye_ink: %w[missing-spots faint smeared patchy bled roller-tracks lost],
        medium: %w[missing-spots bubbles wrinkles haze torn lifted lost],
        tape: %w[missing-spots bubbles haze lifted box lost],
        foil: %w[missing-spots bubbles wrinkles torn cracked white-spots lifted],
        line: %w[missing-spots faint smeared],
        resist: %w[missing-spots smeared torn bubbles]
      }.freeze
      BY_PRINTER = {laser: %w[ghost], inkjet: %w[roller-tracks]}.freeze
      # under a coat
      SEALED = %w[whitened bled ran cracked].freeze
      BLEEDING = {dye_ink: %w[bled ran], film: %w[ran]}.freeze
      ETCHED = %w[pitted broken-through underetched].freeze
      # what is no matter to lines that are worked over
      NO_PICTURE = %w[lost box silvering patchy ghost roller-tracks yellowed].freeze

      module_function

      # @param setting [Methods::MethodChoice]  @param sealer [Class] a Sealing::Sealer
      # @return [Array<String>] keys of FAULTS, in their order
      def call(setting, sealer)
        residue = setting.transfer_method.residue
        possible = [
          *ALWAYS, *BY_RESIDUE.fetch(residue), *BY_PRINTER[setting.printer], *told(setting),
          *(under_a_coat(residue, setting) if sealer.coats.positive?), *(ETCHED if setting.purpose&.key == "resist")
        ]
        possible -= NO_PICTURE if setting.purpose && !setting.purpose.inked?
        FAULTS.keys & possible
      end

      # what the steps themselves say can go wrong
      def told(setting) = WholeWork.call(Sealing::NoSealer, setting).flat_map { |step| step.faults.to_a }

      # @param residue [Symbol]  @return [Array<String>] faults of a coat over it
      def under_a_coat(residue, setting)
        (setting.left == :worked) ? %w[whitened cracked] : SEALED - %w[bled ran] + BLEEDING.fetch(residue, [])
      end
    end
  end
end
