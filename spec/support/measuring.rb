# frozen_string_literal: true

require "open3"
require "tmpdir"
require "vips"

# Measures finished files with renderers that share nothing with our writers.
module Measuring
  # A PDF's first page, rendered where it is looked at, or whole for whatever else is asked of a picture.
  class RenderedPage < BasicObject
    def initialize(bytes, dpi)
      @bytes, @dpi = bytes, dpi
    end

    def crop(left, top, width, height) = rendered("-x", left, "-y", top, "-W", width, "-H", height)

    def method_missing(name, *rest, **named, &block) = whole.public_send(name, *rest, **named, &block)

    def respond_to_missing?(...) = true

    private

    def whole = @whole ||= rendered

    def rendered(*part)
      ::Dir.mktmpdir do |dir|
        ::File.binwrite("#{dir}/a.pdf", @bytes)
        out, status = ::Open3.capture2e(
          "pdftocairo", "-r", @dpi.to_s, "-gray", "-png", "-singlefile", *part.map(&:to_s), "#{dir}/a.pdf", "#{dir}/a"
        )
        ::Kernel.raise out unless status.success?
        ::Vips::Image.new_from_file("#{dir}/a.png").copy_memory
      end
    end
  end

  # @return [Vips::Image] grey
  def render_pdf(bytes, dpi: 1200) = RenderedPage.new(bytes, dpi)

  # the ink inside an area of a rendering, in mm of that area's page
  # @param area [Hash] x_mm, y_mm, width_mm, height_mm
  # @return [Hash] the same, as found
  def ink_found(image, area, dpi:, around: 1.0)
    per_mm = dpi / 25.4
    left, top = ((area[:x_mm] - around) * per_mm).round, ((area[:y_mm] - around) * per_mm).round
    part = image.crop(
      left,
      top,
      ((area[:width_mm] + 2 * around) * per_mm).round,
      ((area[:height_mm] + 2 * around) * per_mm).round
    )
    columns, rows = (part < 128).project.map { |line| line.to_a.flatten }
    x, width = extent(columns)
    y, height = extent(rows)
    {x_mm: (left + x) / per_mm, y_mm: (top + y) / per_mm, width_mm: width / per_mm, height_mm: height / per_mm}
  end

  def extent(sums) = [sums.index(&:positive?), sums.rindex(&:positive?) - sums.index(&:positive?) + 1]

  def area(box) = {x_mm: box.x, y_mm: box.y, width_mm: box.width, height_mm: box.height}

  def grey(image)
    (image.has_alpha? ? image.flatten(background: [255] * (image.bands - 1)) : image).colourspace("b-w")[0]
  end

  def types = {paths: Shelves::PrintTypes.paths, faces: Shelves::PrintTypes.faces}
end
