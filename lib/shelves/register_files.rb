# frozen_string_literal: true

require "shelves/print_types"
require "shelves/template_files"

module Shelves
  # A strap, a ring or a cut-out as files at true size: PDF, in tiles where it is longer than a sheet; SVG and DXF.
  module RegisterFiles
    KINDS = TemplateFiles::KINDS
    # what each layer is drawn with, mm
    WIDTHS = {"CUT" => 0.2, "SCORE" => 0.15, "MARK" => 0.15}.freeze

    module_function

    # @param aid [UpClose::Register::Strap, UpClose::Register::CutOver]  @param kind [String] of KINDS
    # @param paper [String]  @return [String] bytes
    # @raise [UpClose::Errors::DoesNotFit]
    def call(aid, kind, title:, paper: "a4")
      return TemplateFiles.pdf(drawing(aid), title, paper, stock: "letter-paper") if kind == "pdf"
      TemplateFiles.of_layers(aid.layers.merge("TEXT" => words(aid)).reject { |_, paths| paths.empty? }, kind,
        title: title)
    end

    # @return [UpClose::Artwork::Drawing] mm
    def drawing(aid)
      lines = aid.layers.flat_map do |layer, paths|
        paths.map do |path|
          UpClose::Graphics::Painted.new(
            path: path, stroke: UpClose::Colour::BLACK, stroke_width: WIDTHS.fetch(layer), join: :round
          )
        end
      end
      letters = words(aid).map { |path| UpClose::Graphics::Painted.new(path: path, fill: UpClose::Colour::BLACK) }
      UpClose::Artwork::Drawing.new(lines + letters, mm_per_unit: 1.0)
    end

    # @return [Array<UpClose::Geometry::Path>] outlines of the words on it
    def words(aid)
      face = PrintTypes.faces.fetch(:regular)
      aid.labels.map do |label|
        path = face.line(label.words)
        box = path.box
        path.transform(
          UpClose::Geometry::Transform.move(-box.centre.x, -box.centre.y)
            .then(UpClose::Geometry::Transform.scale(label.high_mm / face.cap_height))
            .then(UpClose::Geometry::Transform.turn(label.turn))
            .then(UpClose::Geometry::Transform.move(*label.at.to_a))
        )
      end
    end
  end
end
