# frozen_string_literal: true

require "fileutils"
require "securerandom"

module Shelves
  # Artworks as they came out of opening or preparing, kept on disk so that the long part is done
  # once: painted paths, or a plain PNG of our own. Any of them can be thrown away.
  class OpenedForms
    # raised when a form is written differently, or is opened to something else
    VERSION = 2
    MOST = 600

    # @param root [String] a folder
    def initialize(root)
      @root = root
    end

    # @param source [Object] what it comes from, as UpClose::Identity tells it
    # @yield to make it when it is not here
    # @return [Array(UpClose::Artwork::Drawing|Picture, Hash)] the artwork, and what is told of it
    def fetch(source)
      path = path_of(:opened, source)
      kept = read(path) and return kept
      yield.tap do |artwork, told|
        if artwork.is_a?(UpClose::Artwork::Drawing) || artwork.is_a?(UpClose::Artwork::Picture)
          write(path, artwork, told)
        end
      end
    end

    # few pixels of a large picture, kept beside it
    # @yieldreturn [UpClose::Artwork::Drawing, UpClose::Artwork::Picture] all of it, where they are not here
    # @return [UpClose::Artwork::FirstLook::Few, nil] nil where it is not large
    def few(source)
      kept = Marshal.load(File.binread(path_of(:few, source))) # rubocop:disable Security/MarshalLoad
      few_of(*kept) if kept
    rescue Errno::ENOENT, ArgumentError, TypeError, EOFError
      keep_few(yield, source)
    end

    # @return [UpClose::Artwork::FirstLook::Few, nil]
    def keep_few(artwork, source)
      few = UpClose::Artwork::FirstLook.few(artwork)
      write_whole(path_of(:few, source), Marshal.dump(few && [few.picture.plain_bytes, few.shrunk]))
      few
    end

    # what was worked out of an artwork before, told to it
    # @param source [Object] what the artwork comes from
    # @return [UpClose::Artwork::Drawing, UpClose::Artwork::Picture] itself
    def tell(artwork, source)
      artwork.told(Marshal.load(File.binread(path_of(:known, source)))) # rubocop:disable Security/MarshalLoad
    rescue Errno::ENOENT, ArgumentError, TypeError, EOFError
      artwork
    end

    # what has been worked out of it is kept for the next time
    def keep_known(artwork, source)
      known = artwork.worked_out
      write_whole(path_of(:known, source), Marshal.dump(known)) if known.any?
    end

    private

    def few_of(bytes, shrunk)
      picture = UpClose::Artwork::Picture.made(UpClose::Artwork::Picture.new(bytes).image)
      UpClose::Artwork::FirstLook::Few.new(picture, shrunk)
    end

    def path_of(kind, source) = File.join(@root, "#{UpClose::Identity.of(VERSION, kind, source)}.form")

    def read(path)
      form = Marshal.load(File.binread(path)) # rubocop:disable Security/MarshalLoad
      [form[:shapes] ? drawing(form) : picture(form), form[:told]]
    rescue Errno::ENOENT, ArgumentError, TypeError, EOFError
      nil
    end

    def drawing(form) = UpClose::Artwork::Drawing.new(form[:shapes], **form[:facts]).with_ink(form[:ink])

    def picture(form) = UpClose::Artwork::Picture.new(form[:bytes], **form[:facts]).with_ink(form[:ink])

    def write(path, artwork, told)
      facts = {notes: artwork.notes, mm_per_unit: artwork.mm_per_unit}
      form = artwork.vector? ? {shapes: artwork.shapes} : {bytes: artwork.plain_bytes}
      facts[:clip] = artwork.clip if artwork.vector? && artwork.clip
      facts[:rendered] = true if !artwork.vector? && artwork.rendered?
      write_whole(path, Marshal.dump(form.merge(facts: facts, ink: artwork.ink, told: told)))
      thin_out
    end

    def write_whole(path, bytes)
      FileUtils.mkdir_p(@root)
      temporary = "#{path}.#{SecureRandom.hex(4)}.part"
      File.binwrite(temporary, bytes)
      File.rename(temporary, path)
    end

    # the oldest go first
    def thin_out
      forms = Dir[File.join(@root, "*.form")]
      return if forms.size <= MOST
      forms.sort_by { |file| File.mtime(file) }.first(forms.size - MOST).each { |file| FileUtils.rm_f(file) }
    end
  end
end
