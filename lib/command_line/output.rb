# frozen_string_literal: true

require "up_close"

module CommandLine
  # Where a verb writes: never over a file that it reads, and over another only when it is told to. Frozen.
  class Output
    # @param inputs [Array<String>] paths of files that the verb reads  @param force [Boolean] write over what is there
    def initialize(inputs:, force:)
      @inputs, @force = inputs, force
      freeze
    end

    # @param path [String, nil] a folder, or nothing, is no file to write over
    # @raise [UpClose::Error]
    def check!(path)
      return unless path && File.exist?(path) && !File.directory?(path)
      refuse(path, "is read here, and never written over", "Give --out another name") if
        @inputs.any? { |input| File.identical?(input, path) }
      refuse(path, "is there already", "Give --out another name, or add --force to write over it") unless @force
    end

    # @param bytes [String]
    def write(path, bytes)
      check!(path)
      File.binwrite(path, bytes)
    end

    private

    def refuse(path, why, remedy)
      raise UpClose::Error.new("“#{File.basename(path)}” #{why}.", remedy: "#{remedy}.", field: :out)
    end
  end
end
