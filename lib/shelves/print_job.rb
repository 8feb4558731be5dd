# frozen_string_literal: true

require "shelves/drawn_artwork"
require "shelves/print_files"

module Shelves
  # Pages to be written as a file; a value that a worker is sent, since artwork is opened for it.
  PrintJob = Struct.new(:pages, :title) do
    # @param kind [String] a key of PrintFiles::KINDS  @param sheet [Integer] from 1, for SVG and PNG
    # @return [String] bytes
    def bytes(kind, sheet: 1, dpi: 600)
      Workers.drawing("drawing")
      PrintFiles.bytes(self, kind, title: title, sheet: sheet, dpi: dpi)
    end
  end
end
