# frozen_string_literal: true

require "shelves/print_files"

module Shelves
  # A template as files: layers as DXF and SVG, or a PDF at true size, in tiles where it is larger than a sheet.
  module TemplateFiles
    KINDS = {"dxf" => "image/vnd.dxf", "svg" => "image/svg+xml", "pdf" => "application/pdf"}.freeze
    # between a template and the second one beside it, mm
    APART_MM = 8.0

    module_function

    # @param template [UpClose::Templates::Template]  @param kind [String] a key of KINDS
    # @param paper [String]
    # @return [String] bytes
    # @raise [UpClose::Errors::DoesNotFit]
    def call(template, kind, title:, paper: "a4") = of_layers(layers(template), kind, title: title, paper: paper)

    # @param layers [Hash{String => Array<UpClose::Geometry::Path>}]  @return [String] bytes
    def of_layers(layers, kind, title:, paper: "a4")
      case kind
      when "dxf" then UpClose::Formats::DXF::Writer.call(layers)
      when "svg" then UpClose::Formats::SVG::OutlineWriter.call(layers)
      when "pdf" then pdf(UpClose::Templates::DrawnTemplate.drawing(layers), title, paper)
      end
    end

    # both templates, where there are two, one below the other
    def layers(template)
      second = template.second_layers or return template.layers
      down = UpClose::Geometry::Transform.move(0, template.sheet.box.height + APART_MM)
      template.layers.merge(second) { |_, paths, other| paths + other.map { |path| path.transform(down) } }
    end

    def pdf(drawing, title, paper, stock: "template-card")
      pack = UpClose::Printing::TiledPack.new(
        artwork: drawing, ink: drawing.ink, width_mm: drawing.ink.box.width, mirrored: false, copies: 1,
        paper: UpClose::Printing::Paper.fetch(paper), border_mm: 1.0,
        heading: UpClose::Printing::Heading.new(title: title, stock: UpClose::Sheets::Stock.fetch(stock))
      )
      # one sheet needs no drawing of how sheets go together
      pages = (pack.grid == [1, 1]) ? pack.pages.drop(1) : pack.pages
      PrintFiles.pdf(pages, title)
    end
  end
end
