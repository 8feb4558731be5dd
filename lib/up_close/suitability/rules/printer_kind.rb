# frozen_string_literal: true

module UpClose
  module Suitability
    module Rules
      # Each method carries one kind of ink over, and not the other.
      module PrinterKind
        WHY = {
          inkjet: "It transfers toner; inkjet ink only runs.",
          laser: "It needs ink that stays wet. Toner is dry and stays on the sheet."
        }.freeze

        module_function

        # @param situation [Situation]  @return [Finding, nil]
        def call(situation)
          return if situation.transfer_method.printers.include?(situation.printer)
          wanted = situation.transfer_method.printers.first
          others = Methods.all.select { |m| instead?(m, situation) }.map { |m| m.title.downcase }
          Finding.stop(
            :printer_kind, "The printer",
            figure: situation.printer.to_s,
            reason: "#{situation.transfer_method.title} cannot work from an #{situation.printer} print. " \
              "#{WHY[situation.printer]}".sub(
                "an laser",
                "a laser"
              ),
            remedy: "Print it on #{(wanted == :laser) ? "a laser printer or a copier" : "an inkjet printer"}, or " \
              "choose #{others.any? ? others.join(" or ") : "another purpose"}."
          )
        end

        # another method from this print, for the same purpose
        def instead?(method, situation)
          method.printers.include?(situation.printer) &&
            (situation.purpose.nil? || method.serves.key?(situation.purpose.key.to_sym))
        end
      end
    end
  end
end
