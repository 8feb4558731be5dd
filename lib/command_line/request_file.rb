# frozen_string_literal: true

require "json"

module CommandLine
  # A verb's request, read from a JSON file.
  module RequestFile
    module_function

    # @param path [String]  @param most_bytes [Integer]
    # @return [Object] as JSON has it
    # @raise [WrongUse]
    def read(path, most_bytes:)
      raise WrongUse, "The request is larger than #{most_bytes / 1024 / 1024} MB." if File.size(path) > most_bytes
      JSON.parse(File.read(path, encoding: "UTF-8"))
    rescue JSON::ParserError
      raise WrongUse, "#{File.basename(path)} cannot be read as JSON."
    end
  end
end
