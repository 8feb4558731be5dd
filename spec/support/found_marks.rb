# frozen_string_literal: true

require "open3"
require "vips"

# Finds the copies of one artwork on a finished page, knowing nothing of how it was made: by
# their size as connected ink, and by what they look like against the artwork itself.
class FoundMarks
  # where one was found, mm; turn in quarter turns; off is how much of it differs, 0..1
  Mark = Struct.new(:x, :y, :width, :height, :turn, :off) do
    def right = x + width

    def bottom = y + height

    def centre = [x + width / 2, y + height / 2]

    def overlaps?(other) = x < other.right && other.x < right && y < other.bottom && other.y < bottom
  end

  DPI = 300
  PER_MM = DPI / 25.4

  # pages of a downloaded file as pictures, each by a tool that is not ours
  # @return [Array<Vips::Image>] grey
  def self.pages(bytes, kind)
    return [grey(Vips::Image.svgload_buffer(bytes, dpi: DPI))] if kind == "svg"
    return [grey(Vips::Image.new_from_buffer(bytes, ""))] if kind == "png"
    Dir.mktmpdir do |dir|
      File.binwrite("#{dir}/a.pdf", bytes)
      out, status = Open3.capture2e(
        "pdftocairo", "-r", DPI.to_s, "-gray", "-tiff", "-tiffcompression", "none", "#{dir}/a.pdf", "#{dir}/a"
      )
      raise out unless status.success?
      Dir["#{dir}/a-*.tif"].sort.map { |file| Vips::Image.new_from_file(file).copy_memory }
    end
  end

  # Rec. 709's weights: how dark a colour is
  LUMA = [[0.2126, 0.7152, 0.0722]].freeze

  def self.grey(image)
    flat = image.has_alpha? ? image.flatten(background: [255] * (image.bands - 1)) : image
    ((flat.bands == 3) ? flat.recomb(LUMA).rint.cast(:uchar) : flat[0]).copy_memory
  end

  # connected ink on a page, mm
  # @return [Array<UpClose::Geometry::Box>]
  def self.ink_boxes(page)
    index = (page < 128).labelregions.cast(:ushort)
    grid = Vips::Image.xyz(index.width, index.height)
    ends = [[0, :min], [1, :min], [0, :max], [1, :max]].map do |band, how|
      grid[band].hist_find_indexed(index, combine: how).to_a.flatten
    end
    ends.transpose.map do |left, top, right, bottom|
      x, y, width, height = [left, top, right - left + 1, bottom - top + 1].map { |px| px / PER_MM }
      UpClose::Geometry::Box.new(x: x, y: y, width: width, height: height)
    end
  end

  # words of a PDF's page and the middle of each, mm
  # @return [Array<Array(String, Float, Float)>]
  def self.words(pdf, page)
    out, = Open3.capture2(
      "pdftotext", "-bbox", "-f", page.to_s, "-l", page.to_s, "-", "-", stdin_data: pdf, binmode: true
    )
    out.scan(
      /<word xMin="([\d.]+)" yMin="([\d.]+)" xMax="([\d.]+)" yMax="([\d.]+)">([^<]*)</
    ).map do |x0, y0, x1, y1, word|
      [word, (x0.to_f + x1.to_f) / 2 * 25.4 / 72, (y0.to_f + y1.to_f) / 2 * 25.4 / 72]
    end
  end

  # @param drawing [String] the artwork, an SVG of nothing but its ink
  # @param width [Float] mm as printed
  # @param height [Float]
  # @param mirrored [Boolean] as it is to be on paper
  def initialize(drawing, width:, height:, mirrored:)
    @width, @height = width, height
    whole = Vips::Image.svgload_buffer(drawing, scale: 8)
    @wanted = FoundMarks.grey(mirrored ? whole.fliphor : whole)
  end

  # @param page [Vips::Image] grey
  # @return [Array<Mark>]
  def on(page)
    boxes(page).filter_map { |left, top, wide, high| compared(page, left, top, wide, high) }
  end

  private

  # of all connected ink, what is as large as a copy within two pixels, upright or on its side
  def boxes(page)
    coarse_boxes(page).filter_map do |box|
      left, top, wide, high = trimmed(page, *box)
      [left, top, wide, high] if sized?(wide, high) || sized?(high, wide)
    end
  end

  COARSE = 2

  # connected ink on a page half as fine, in the page's own pixels, a little too large
  def coarse_boxes(page)
    index = (page.shrink(COARSE, COARSE, ceil: true) < 200).labelregions.cast(:ushort)
    grid = Vips::Image.xyz(index.width, index.height)
    ends = [[0, :min], [1, :min], [0, :max], [1, :max]].map do |band, how|
      grid[band].hist_find_indexed(index, combine: how).to_a.flatten
    end
    ends.transpose.filter_map do |left, top, right, bottom|
      wide, high = [right - left + 1, bottom - top + 1].map { |cells| cells * COARSE }
      [left * COARSE, top * COARSE, wide, high] if sized?(wide, high, 4 * COARSE) || sized?(high, wide, 4 * COARSE)
    end
  end

  def trimmed(page, left, top, wide, high)
    part = page.crop(left, top, [wide, page.width - left].min, [high, page.height - top].min)
    dx, dy, w, h = part.find_trim(background: [255], threshold: 127)
    [left + dx, top + dy, w, h].map(&:to_i)
  end

  def sized?(wide, high, slack = 2.2) = (wide - @width * PER_MM).abs <= slack && (high - @height * PER_MM).abs <= slack

  def compared(page, left, top, wide, high)
    seen = page.crop(left, top, wide, high)
    offs = [0, 1, 2, 3].filter_map do |turn|
      turned = turn.zero? ? @wanted : @wanted.rot("d#{turn * 90}")
      next if (turned.width > turned.height) != (wide > high)
      [turn, (turned.thumbnail_image(wide, height: high, size: :force).cast(:uchar) - seen).abs.avg / 255]
    end
    turn, off = offs.min_by(&:last)
    return if seen.avg > 240
    Mark.new(left / PER_MM, top / PER_MM, wide / PER_MM, high / PER_MM, turn, off)
  end
end
