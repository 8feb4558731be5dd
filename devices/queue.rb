# frozen_string_literal: true

require "open3"
require "tempfile"
require "timeout"

module Devices
  # A print queue of this machine, by its own command line; behind the same verb as
  # the simulated printers. Where there is none, there is none to choose.
  class Queue
    include Device

    attr_reader :name

    PATIENCE_S = 10

    # @return [Array<String>] what the queues here are called
    def self.names
      out, status = run("lpstat", "-e")
      status ? out.lines.map(&:strip).reject(&:empty?) : []
    end

    # @return [Array(String, Boolean)] what it said, and whether it went well
    def self.run(*command)
      Timeout.timeout(PATIENCE_S) { Open3.capture2e(*command).then { |out, status| [out, status.success?] } }
    rescue Errno::ENOENT, Timeout::Error
      ["", false]
    end

    # @param name [String] one of names
    def initialize(name)
      @name = name
    end

    private

    # at its true size, whatever the queue's own habits
    # @param pdf [String]  @param title [String] as the queue lists it
    # @return [nil]
    def carry_out(pdf:, width_mm:, height_mm:, title: "Up Close")
      Tempfile.create(["up-close", ".pdf"], binmode: true) do |file|
        file.write(pdf)
        file.flush
        size = "#{width_mm.round(1)}x#{height_mm.round(1)}mm"
        told, well = Queue.run(
          "lp", "-d", name, "-t", title, "-o", "print-scaling=none", "-o", "media=Custom.#{size}", file.path
        )
        refuse(told.empty? ? "The queue did not answer." : told.strip, nil) unless well
      end
    end
  end
end
