# frozen_string_literal: true

module Devices
  # The one contract of printers, queues, scanners and meters, simulated or real: +name+ is what
  # people call it, +ask+ gives an Answer and never raises. A device carries an order out in a method
  # of its own, +carry_out+, and calls +refuse+ where it cannot.
  module Device
    # @param order [Hash] what the device takes; see its carry_out
    # @return [Answer]
    def ask(**order)
      Answer.new(value: carry_out(**order))
    rescue UpClose::Errors::DeviceRefused => error
      Answer.new(error: error)
    rescue Vips::Error
      Answer.new(error: refusal("#{name} cannot read what it was given.", "Send it once more."))
    end

    private

    def refusal(reason, remedy) = UpClose::Errors::DeviceRefused.new(reason, remedy: remedy)

    def refuse(reason, remedy) = raise(refusal(reason, remedy))
  end
end
