# frozen_string_literal: true

require "zip"

module Shelves
  # The files of a board as they are brought: one by one, or in a ZIP.
  module BoardFiles
    MOST_BYTES = 40_000_000
    MOST_IN_ALL = 120_000_000
    ZIP = "PK\x03\x04".b.freeze

    # what was found, by name; names that a ZIP holds beside them and that no board is made of
    Found = Struct.new(:texts, :left_out)

    module_function

    # @param files [Array<Array(String, String)>] name and bytes
    # @return [Found]
    # @raise [UpClose::Errors::BadBoard]
    def call(files)
      brought = Found.new({}, [])
      files.each { |name, bytes| bytes.start_with?(ZIP) ? unpack(name, bytes, brought) : add(brought, name, bytes) }
      brought
    end

    # A board from files, each read as whichever kind it is.
    # @param kinds [Hash{String => Array(String, String)}] name → kind and side, where a maker has said so
    # @return [UpClose::Boards::Board]
    def board(texts, kinds = {})
      UpClose::Boards::Board.new(
        texts.map { |name, text|
          kind, side = kinds[name]
          UpClose::Boards::Layer.read(name, text, kind: kind, side: side)
        }
      )
    end

    # @return [Array<Array(String, String, String)>] name, kind and side of each
    # @raise [UpClose::Errors::BadBoard] for one that cannot be read
    def guesses(texts)
      board(texts).layers.map { |layer| [layer.file, layer.kind, layer.side] }
    end

    # @return [Boolean] whether a board can be made of it
    def part?(text) = UpClose::Boards::Gerber::Reader.reads?(text) || UpClose::Boards::Excellon::Reader.reads?(text)

    def unpack(name, bytes, brought)
      Zip::InputStream.open(StringIO.new(bytes)) do |stream|
        while (entry = stream.get_next_entry)
          next if entry.directory?
          inside = File.basename(entry.name.to_s.scrub)
          text = stream.read(MOST_BYTES + 1).to_s
          part?(text) ? add(brought, inside, text) : brought.left_out << inside
          refuse("“#{name}” holds over 200 files.") if brought.texts.size + brought.left_out.size > 200
        end
      end
    rescue Zip::Error, Zlib::Error
      refuse("“#{name}” is a ZIP that cannot be opened.")
    end

    def add(brought, name, text)
      refuse("“#{name}” is over 40 MB.") if text.bytesize > MOST_BYTES
      refuse("“#{name}” is neither a Gerber file nor a drill file.") unless part?(text)
      brought.texts[free_name(brought, name)] = text
      refuse("These files are over 120 MB together.") if brought.texts.sum { |_, of| of.bytesize } > MOST_IN_ALL
      return if brought.texts.size <= UpClose::Boards::Board::MOST_FILES
      refuse("These are over #{UpClose::Boards::Board::MOST_FILES} files.")
    end

    # two files of one name, from two folders of a ZIP
    def free_name(brought, name)
      name = name.scrub[0, 120]
      return name unless brought.texts.key?(name)
      (2..).lazy.map { |i| "#{i} #{name}" }.find { |other| !brought.texts.key?(other) }
    end

    def refuse(reason) = raise(UpClose::Errors::BadBoard.new(reason, field: :files))
  end
end
