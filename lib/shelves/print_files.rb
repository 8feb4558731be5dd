# frozen_string_literal: true

require "shelves/print_types"

module Shelves
  # A print pack as files: one PDF of all sheets; one SVG or PNG a sheet.
  module PrintFiles
    KINDS = {"pdf" => "application/pdf", "svg" => "image/svg+xml", "png" => "image/png"}.freeze

    # pages that go on plain paper first
    Proof = Struct.new(:pages)

    module_function

    # @param pack [UpClose::Printing::Pack]  @param kind [String] a key of KINDS
    # @param sheet [Integer] from 1, for SVG and PNG
    # @return [String] bytes
    def bytes(pack, kind, title:, sheet: 1, dpi: 600)
      case kind
      when "pdf" then pdf(pack.pages, title)
      when "svg"
        UpClose::Formats::SVG::Writer.new(pack.pages.fetch(sheet - 1), faces: PrintTypes.faces, title: title).call
      when "png" then UpClose::Formats::PNG::Writer.new(pdf([pack.pages.fetch(sheet - 1)], title), dpi: dpi).call
      end
    end

    def pdf(pages, title) = UpClose::Formats::PDF::Writer.new(pages, fonts: PrintTypes.paths, title: title).call
  end
end
