# frozen_string_literal: true

require "fileutils"
require "logger"

module Shelves
  # What was asked, when, how it was answered and how long that took; what went wrong, and where. Never what was typed:
  # no parameters, no names, no messages of errors, which may repeat them. Kept in few files of a bounded size.
  class ShopLog
    FILES, BYTES = 5, 1_000_000
    # lines of where an error came from
    MOST_LINES = 12

    # @param folder [String, nil] nil: nothing is written
    # @param root [String] of the program, which is left out of what is told
    def initialize(folder, root:)
      @root = root
      return unless folder
      FileUtils.mkdir_p(folder, mode: 0o700)
      @logger = Logger.new(File.join(folder, "up_close.log"), FILES, BYTES)
      @logger.formatter = ->(_, time, _, words) { "#{time.utc.strftime("%Y-%m-%dT%H:%M:%S.%LZ")} #{words}\n" }
    rescue SystemCallError
      # a shop whose log cannot be written goes on
      @logger = nil
    end

    # @param route [String] as the program names it: "POST /jobs/:id"  @param status [Integer]  @param seconds [Float]
    def answered(route, status, seconds) = write("#{status} #{(seconds * 1000).round} ms #{route}")

    # @param error [Exception]
    # @return [String] what was written
    def failed(error)
      words = [error.class.name, *causes(error), *error.backtrace.to_a.first(MOST_LINES)]
      words.join("\n  ").gsub("#{@root}/", "").tap { |told| write(told) }
    end

    private

    def causes(error)
      lines = []
      lines << "because of #{error.class}" while (error = error.cause)
      lines
    end

    def write(words)
      @logger&.info(words)
    rescue SystemCallError, IOError
      nil
    end
  end
end
