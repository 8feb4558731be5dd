# frozen_string_literal: true

module Devices
  # What a device gave, or why it did not. Frozen.
  class Answer
    # @return [Object, nil] bytes or a reading; nil where there is nothing to hand over
    attr_reader :value

    # @return [UpClose::Errors::DeviceRefused, nil]
    attr_reader :error

    def initialize(value: nil, error: nil)
      @value, @error = value, error
      freeze
    end

    def ok? = error.nil?

    # @return [Object] the value
    # @raise [UpClose::Errors::DeviceRefused]
    def value! = ok? ? value : raise(error)
  end
end
