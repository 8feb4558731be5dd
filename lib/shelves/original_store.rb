# frozen_string_literal: true

require "digest"
require "fileutils"
require "securerandom"

module Shelves
  # Originals, kept by the hash of their contents and never altered. Written
  # under a temporary name, then renamed, so that no half file is ever found.
  class OriginalStore
    NAME = /\A\h{64}\z/

    def initialize(root)
      @root = root
    end

    # @param bytes [String]
    # @return [String] its name
    def put(bytes)
      name = Digest::SHA256.hexdigest(bytes)
      path = path(name)
      return name if File.exist?(path)
      FileUtils.mkdir_p(File.dirname(path))
      temporary = "#{path}.#{SecureRandom.hex(4)}.part"
      File.open(temporary, "wb") do |file|
        file.write(bytes)
        file.fsync
      end
      File.rename(temporary, path)
      # the name too is on the disk before it is answered
      File.open(File.dirname(path), &:fsync)
      name
    end

    # Takes over a file that lies on the same disk.
    # @param from [String] its path  @param name [String] the hash of its contents, which the caller has made sure of
    def take_over(from, name)
      return if File.exist?(path(name))
      FileUtils.mkdir_p(File.dirname(path(name)))
      File.open(from, &:fsync)
      File.rename(from, path(name))
      File.open(File.dirname(path(name)), &:fsync)
    end

    # @param bytes [String]
    def has?(bytes) = File.exist?(path(Digest::SHA256.hexdigest(bytes)))

    # @param name [String] as +put+ gave it
    def named?(name) = File.exist?(path(name))

    # what was refused is not kept
    def drop(name) = FileUtils.rm_f(path(name))

    # @return [String]
    # @raise [UpClose::Errors::MissingOriginal]
    def get(name)
      File.binread(path(name))
    rescue Errno::ENOENT
      raise UpClose::Errors::MissingOriginal.new(
        "Its original is missing from the shop's folder.",
        remedy: "bin/doctor --mend takes it back from a backup; or give the file again."
      )
    end

    private

    def path(name)
      raise ArgumentError, "not a name" unless NAME.match?(name)
      File.join(@root, name[0, 2], name)
    end
  end
end
