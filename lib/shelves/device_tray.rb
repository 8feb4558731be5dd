# frozen_string_literal: true

module Shelves
  # What lies in the simulated printers' trays and on the simulated scanner: one
  # picture each, on the disk, so that it is still there after a restart.
  class DeviceTray
    # @param folder [String]  @param key [String] of the device: letters and dashes
    def initialize(folder, key)
      @folder, @key = folder, key[/\A[a-z-]+\z/] || raise(ArgumentError, key)
    end

    # @param bytes [String] PNG
    def lay(bytes, what: "sheet")
      FileUtils.mkdir_p(@folder)
      # whole or not at all
      File.binwrite("#{path(what)}.new", bytes)
      File.rename("#{path(what)}.new", path(what))
    end

    # @return [String, nil]
    def take(what = "sheet") = File.exist?(path(what)) ? File.binread(path(what)) : nil

    private

    def path(what) = File.join(@folder, "#{@key}-#{what}.png")
  end
end
