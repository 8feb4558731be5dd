# frozen_string_literal: true

# Line art of our own: rings, rays, ruled lines and words, as thick as a page holds.
module LineArt
  module_function

  # @return [String] PNG, one grey band
  def png(width_mm, height_mm, dpi)
    image = UpClose::Formats::SVG::Raster.call(
      drawing(width_mm, height_mm),
      frame: UpClose::Geometry::Box.new(x: 0, y: 0, width: width_mm, height: height_mm),
      scale: dpi / 25.4
    )
    image.colourspace("b-w").pngsave_buffer(compression: 1)
  end

  # the story's lighthouse, as a scan would have it
  def ordinary(width_mm, dpi)
    require_relative "../db/demo/art/light_tower"
    art = UpClose::Artwork::Opening.call(Demo::Art::LightTower.svg)
    UpClose::Formats::SVG::Raster.call(art, frame: art.ink.box, scale: width_mm / art.ink.box.width * dpi / 25.4)
      .colourspace("b-w")
      .pngsave_buffer
  end

  def drawing(width, height)
    UpClose::Artwork::Drawing
      .new((0...(width / 25).floor).to_a.product((0...(height / 25).floor).to_a).flat_map { |i, j|
        cell(2 + i * 25, 2 + j * 25, i + j)
      })
  end

  def cell(x, y, seed)
    kinds = [method(:rings), method(:rays), method(:rules), method(:words)]
    kinds[seed % 4].call(x, y)
  end

  def stroke(path, width)
    UpClose::Graphics::Painted.new(path: path, stroke: UpClose::Colour::BLACK, stroke_width: width)
  end

  def rings(x, y) = (1..9).map { |i| stroke(UpClose::Geometry::Shapes.ellipse(x + 10, y + 10, i, i), 0.3 + i * 0.03) }

  def line(x, y, to_x, to_y, width)
    stroke(UpClose::Geometry::Path
      .new([[:move, UpClose::Geometry::Point[x, y]], [:line, UpClose::Geometry::Point[to_x, to_y]]]), width)
  end

  def rays(x, y)
    Array.new(16) do |i|
      line(x + 10, y + 10, x + 10 + 9.5 * Math.cos(i * Math::PI / 8), y + 10 + 9.5 * Math.sin(i * Math::PI / 8), 0.35)
    end
  end

  def rules(x, y) = Array.new(18) { |i| line(x, y + i * 1.1, x + 20, y + i * 1.1 + 0.7, 0.25 + i * 0.02) }

  def words(x, y)
    face = Shelves::FontShelf.fetch("atkinson-hyperlegible")
    Array.new(6) do |i|
      map = UpClose::Geometry::Transform.scale(2.2 / face.cap_height)
        .then(UpClose::Geometry::Transform.move(x, y + 3 + i * 3.2))
      UpClose::Graphics::Painted.new(
        path: UpClose::Artwork::Lettering.line(face, "Sandpiper 1924").transform(map),
        fill: UpClose::Colour::BLACK
      )
    end
  end
end
