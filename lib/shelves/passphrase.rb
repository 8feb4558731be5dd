# frozen_string_literal: true

require "bcrypt"
require "fileutils"

module Shelves
  # The shop's passphrase, asked of whoever comes from another device. Only its bcrypt digest is kept, in a file of the
  # shop's folder that no backup takes along.
  class Passphrase
    FILE = "passphrase.digest"
    LEAST_LETTERS = 12
    # bcrypt reads no further
    MOST_BYTES = 72
    # about a quarter of a second a try
    COST = 12

    # @param home [String] the shop's folder
    # @param cost [Integer] of bcrypt, 4..31
    def initialize(home, cost: COST)
      @path, @cost = File.join(home, FILE), cost
    end

    def set? = File.size?(@path).to_i.positive?

    # @return [String, nil] what is wrong with it, in a sentence
    def self.refusal(words)
      return "Take at least #{LEAST_LETTERS} letters: four words that do not belong together." if
        words.to_s.strip.length < LEAST_LETTERS
      return "Take at most #{MOST_BYTES} letters." if words.bytesize > MOST_BYTES
      "Take letters that differ more." if words.chars.uniq.size < 5
    end

    # @raise [UpClose::Error] where it is too short, too long or too plain
    def set(words)
      refusal = Passphrase.refusal(words)
      raise UpClose::Error.new(refusal, field: :passphrase) if refusal
      part = "#{@path}.part"
      File.open(part, File::WRONLY | File::CREAT | File::TRUNC, 0o600) do |file|
        file.write(BCrypt::Password.create(words, cost: @cost))
        file.fsync
      end
      File.rename(part, @path)
    end

    def right?(words)
      return false if !set? || words.to_s.bytesize > MOST_BYTES
      BCrypt::Password.new(File.read(@path)) == words
    rescue BCrypt::Errors::InvalidHash
      false
    end
  end
end
