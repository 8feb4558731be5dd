# frozen_string_literal: true

require "shelves/template_files"

module Shelves
  # A mark's template worked out: a value that a worker is sent.
  class WorkedTemplate
    # directions in which a bridge leaves its island, as on a clock
    CLOCK = [12, 3, 6, 9].freeze
    FAR_MM = 1000.0

    # @param drawn [DrawnArtwork]  @param width_mm [Float]
    # @param settings [Hash] "stuff", "kind" (nil: as the artwork suggests), "folds", "moved" (island → hour)
    def initialize(drawn, width_mm:, settings:)
      @drawn, @width, @settings = drawn, width_mm, settings
    end

    # all that a page shows
    # @return [Hash]
    def told
      cut = template.cut
      {
        kind: cut.kind, findings: template.findings, islands: cut.islands.size, slots: cut.slots.size,
        bridges: template.folded ? [] : cut.bridges.map { |bridge| told_bridge(bridge) }, sheet: path(template.sheet),
        box: template.sheet.box.grown(2).to_a, folds: template.layers["SCORE"].map(&:commands),
        order: drawn.order(template.sheet).map { |cut| [cut.number, *cut.at.to_a, cut.what] },
        beside: template.layers["MARK"].first(cut.slots.size).map { |line| svg(line) },
        second: cut.second&.then { |sheet| path(sheet) },
        cut_mm: drawn.length_mm(template.sheet), neck: template.folded ? nil : cut.neck&.then { |place| neck(place) }
      }
    end

    # @param kind [String] of TemplateFiles::KINDS  @return [String]
    def file(kind, title, paper) = TemplateFiles.call(template, kind, title: title, paper: paper)

    private

    def drawn = UpClose::Templates::DrawnTemplate

    def neck(place) = place.box.then { |box| [*box.centre.to_a, [box.width, box.height].max, place.mm] }

    def template
      @template ||= UpClose::Templates::Template.new(
        regions, stuff: UpClose::Templates::SheetStuff.fetch(@settings["stuff"] || "card"), kind: @settings["kind"],
        folds: @settings["folds"] || 1, moved: moved
      )
    end

    def regions = @regions ||= UpClose::Cutting::InkRegions.new(@drawn.artwork, width_mm: @width)

    # an hour as a place far out that way
    def moved
      @settings["moved"].to_h.to_h do |island, hour|
        way = UpClose::Geometry::Transform.turn(hour * 30).apply(UpClose::Geometry::Point[0, -FAR_MM])
        [island.to_i, way + UpClose::Geometry::Point[@width / 2, regions.height_mm / 2]]
      end
    end

    def told_bridge(bridge)
      {island: bridge.parts.first, path: svg(bridge.region.path), length_mm: bridge.length_mm,
       at: ((bridge.from + bridge.to) * 0.5).to_a}
    end

    def path(region) = svg(region.path)

    def svg(path) = UpClose::Formats::SVG::PathWriter.call(path, places: 3)
  end
end
