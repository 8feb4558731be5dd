# frozen_string_literal: true

module Presenters
  # What a marked photo comes to: each line's length with its ±, and the outline's size.
  class PhotoStage
    # @param form [Forms::PhotoForm]
    def initialize(form, writer:)
      @form, @writer = form, writer
    end

    # @return [Array<UpClose::Finding>]
    def findings
      scale = @form.ok? && @form.scale or return []
      lines = @form.values[:lines].each_with_index.map do |(from, to), i|
        scale.length(from, to).finding(i + 1, @writer)
      end
      lines + [outline(scale)].compact
    end

    private

    def outline(scale)
      return if @form.values[:trace].size < 3
      ring = UpClose::Geometry::Ring.new(@form.values[:trace].map { |p| scale.place(p) })
      UpClose::Finding.note(
        :outline, "The outline walked round",
        figure: @writer.pair(ring.box.width, ring.box.height), value: ring.area, unit: "mm²",
        working: UpClose::Working
          .new("#{ring.points.size} corners carried onto the piece; #{UpClose::Working.number(ring.area / 100, 1)} cm²")
      )
    end
  end
end
