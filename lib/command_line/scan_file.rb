# frozen_string_literal: true

require "json"
require "command_line/options"

module CommandLine
  # A scan and its dpi, as verbs are given them.
  class ScanFile
    MOST_BYTES = 200 * 1024 * 1024

    # @param more [Array<String>] further options
    def initialize(arguments, usage:, more: [])
      @options, files = Options.read(arguments, usage: usage, names: more, numbers: %w[dpi], defaults: {dpi: 300})
      raise WrongUse, "Give one scan: #{usage}." unless files.size == 1
      @file = files.first
    end

    def [](name) = @options[name]

    def dpi = @options[:dpi]

    # @return [String] bytes
    def bytes
      raise WrongUse, "The scan is larger than #{MOST_BYTES / 1024 / 1024} MB." if File.size(@file) > MOST_BYTES
      File.binread(@file)
    end
  end
end
