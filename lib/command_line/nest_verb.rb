# frozen_string_literal: true

require "json"
require "command_line/options"
require "command_line/request_file"

module CommandLine
  # up-close nest: parts laid on leftovers and fresh sheets, as docs/nesting.md describes.
  class NestVerb
    USAGE = "up-close nest REQUEST.json [--effort first|good|stretch] [--seed N]"
    MOST_BYTES = 20 * 1024 * 1024

    def initialize(arguments)
      @options, files = Options.read(arguments, usage: USAGE, names: %w[effort], numbers: %w[seed])
      raise WrongUse, "Give one request: #{USAGE}." unless files.size == 1
      @file = files.first
    end

    # @return [String] JSON
    def call
      request = UpClose::Sheets::Nesting::Request.new(data.merge(@options.transform_keys(&:to_s)))
      start = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID)
      layout = request.search.call
      spent = Process.clock_gettime(Process::CLOCK_PROCESS_CPUTIME_ID) - start
      JSON
        .pretty_generate(UpClose::Sheets::Nesting::Report.new(request, layout).to_h.merge(cpu_seconds: spent.round(3)))
    end

    private

    def data
      read = RequestFile.read(@file, most_bytes: MOST_BYTES)
      read.is_a?(Hash) ? read : raise(WrongUse, "The request is no object: see docs/nesting.md.")
    end
  end
end
