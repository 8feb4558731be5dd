# frozen_string_literal: true

require "optparse"
require "command_line/output"

module CommandLine
  # The options a verb is given.
  module Options
    # options that name a file to be written
    WRITTEN = %w[out ics].freeze

    module_function

    # A verb that writes takes --force too, and finds where it may write under +:output+.
    # @param names [Array<String>] options that take a word  @param numbers [Array<String>] that take a whole number
    # @param defaults [Hash{Symbol => Object}]
    # @return [Array(Hash{Symbol => Object}, Array<String>)] options, and what is left
    # @raise [OptionParser::ParseError]
    # @raise [UpClose::Error] when a file to be written is there already
    def read(arguments, usage:, names:, numbers: [], defaults: {})
      parser = OptionParser.new do |o|
        o.banner = "Usage: #{usage}"
        names.each { |name| o.on("--#{name} VALUE") }
        numbers.each { |name| o.on("--#{name} N", Integer) }
        o.on("--force") if (names & WRITTEN).any?
      end
      options = defaults.dup
      rest = parser.parse(arguments, into: options)
      options.transform_keys! { |key| key.to_s.tr("-", "_").to_sym }
      [(names & WRITTEN).any? ? options.merge(output: output(options, names, rest)) : options, rest]
    end

    # @return [Output] checked for what is asked of it, before any work is begun
    def output(options, names, rest)
      written, read = names.partition { |name| WRITTEN.include?(name) }
      inputs = [*rest, *options.values_at(*read.map { |name| name.tr("-", "_").to_sym })]
      Output.new(inputs: inputs.grep(String).select { |path| File.exist?(path) }, force: options[:force] == true)
        .tap { |output| written.each { |name| output.check!(options[name.to_sym]) } }
    end
  end
end
