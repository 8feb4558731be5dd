# frozen_string_literal: true

require "fileutils"
require "json"
require "securerandom"

module Shelves
  # A maker's own fonts, kept with the shop: what each is called and under which licence, and its
  # letters as data. The file itself lies with the other originals.
  class OwnFonts
    KEY = /\Aown-\h{16}\z/
    INDEX = "fonts.json"
    LOCK = Mutex.new

    # what the original is called here
    # @param original [String] its name in the store
    def self.key_of(original) = "own-#{original[0, 16]}"

    # @param root [String] a folder
    def initialize(root)
      @root = root
    end

    # @return [Hash{String => Hash}] key → "name", "licence", "file_name", "original"
    def all
      @root.empty? ? {} : JSON.parse(File.read(File.join(@root, INDEX)))
    rescue Errno::ENOENT, JSON::ParserError
      {}
    end

    # @param face [UpClose::Artwork::DrawnFace]  @param about [Hash] as +all+ gives it
    def keep(face, about)
      LOCK.synchronize do
        write("#{face.key}.face", Marshal.dump(face))
        write(INDEX, JSON.generate(all.merge(face.key => about)))
      end
    end

    # @return [UpClose::Artwork::DrawnFace, nil]
    def face(key)
      # rubocop:disable Security/MarshalLoad
      Marshal.load(File.binread(File.join(@root, "#{key}.face"))) if KEY.match?(key)
    rescue Errno::ENOENT
      nil
    end

    private

    def write(name, bytes)
      FileUtils.mkdir_p(@root)
      temporary = File.join(@root, "#{name}.#{SecureRandom.hex(4)}.part")
      File.binwrite(temporary, bytes)
      File.rename(temporary, File.join(@root, name))
    end
  end
end
