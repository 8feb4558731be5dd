# frozen_string_literal: true

require "optparse"

module CommandLine
  # The options a verb is given.
  module Options
    module_function

    # @param names [Array<String>] options that take a word  @param numbers [Array<String>] that take a whole number
    # @param defaults [Hash{Symbol => Object}]
    # @return [Array(Hash{Symbol => Object}, Array<String>)] options, and what is left
    # @raise [OptionParser::ParseError]
    def read(arguments, usage:, names:, numbers: [], defaults: {})
      parser = OptionParser.new do |o|
        o.banner = "Usage: #{usage}"
        names.each { |name| o.on("--#{name} VALUE") }
        numbers.each { |name| o.on("--#{name} N", Integer) }
      end
      options = defaults.dup
      rest = parser.parse(arguments, into: options)
      [options.transform_keys { |key| key.to_s.tr("-", "_").to_sym }, rest]
    end
  end
end
