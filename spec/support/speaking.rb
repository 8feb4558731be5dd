# frozen_string_literal: true

# Short ways of naming the things of the domain.
module Speaking
  def mm(text, unit: "mm") = UpClose::Measure::Length.read(text, unit: unit).mm

  def point(x, y) = UpClose::Geometry::Point[x, y]

  def box(x, y, width, height) = UpClose::Geometry::Box.new(x: x, y: y, width: width, height: height)

  def shape(key, **params) = UpClose::Surfaces.build(key, params)

  def writer(unit = "mm") = UpClose::Measure::LengthWriter.new(unit)

  def face(key = "atkinson-hyperlegible") = Shelves::FontShelf.fetch(key)

  def lettering(text, key = "atkinson-hyperlegible") = UpClose::Artwork::Lettering.new(face(key), text).drawing

  def opened(bytes) = UpClose::Artwork::Opening.call(bytes)

  # an SVG of 100 × 50 units
  def svg(body, **root)
    [
      %(<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 100 50"#{root.map { |k, v| %( #{k}="#{v}") }.join}>),
      %(#{body}</svg>)
    ].join
  end

  # ink that is a plain box of this size
  def box_ink(width, height)
    corners = box(0, 0, width, height).corners
    UpClose::Artwork::Ink.new(
      box: box(0, 0, width, height),
      hull: corners,
      centroid: point(width / 2.0, height / 2.0),
      rows: [[0, 0, width, height]]
    )
  end

  # a closed polyline of DXF, its corner at (from, from)
  def dxf_square(from, side)
    corners = [[from, from], [from + side, from], [from + side, from + side], [from, from + side]]
    "0\nLWPOLYLINE\n70\n1\n#{corners.map { |x, y| "10\n#{x}\n20\n#{y}\n" }.join}"
  end

  def placed(**at) = UpClose::Placing::Placement.new(**at)

  def room(shape, ink, clearance_mm: 0, **at)
    UpClose::Placing::FitSearch.new(shape: shape, ink: ink, placement: placed(**at), clearance_mm: clearance_mm)
  end

  def situation(method, printer, material: nil, finish: nil, colour: nil, stock: nil, sealer: nil)
    UpClose::Suitability::Situation.new(
      method: UpClose::Methods.fetch(method),
      printer: printer,
      material: material && UpClose::Materials.material(material),
      finish: finish && UpClose::Materials.finish(finish),
      colour: colour && UpClose::Colour.hex(colour),
      stock: stock && UpClose::Sheets::Stock.fetch(stock),
      sealer: sealer && UpClose::Sealing.fetch(sealer)
    )
  end
end

# refuses with a plain sentence of reason and remedy, no machine words
RSpec::Matchers.define :refuse_saying do |words, at: nil|
  supports_block_expectations
  match do |block|
    block.call
    false
  rescue UpClose::Error => @error
    @error.message.match?(words) &&
      !@error.remedy.to_s.empty? &&
      (at.nil? || @error.field == at) &&
      !@error.sentence.match?(/nil|undefined|Error|::|0x/)
  end
  failure_message { @error ? "said “#{@error.sentence}” at #{@error.field.inspect}" : "did not refuse" }
end

RSpec::Matchers.define_negated_matcher :not_include, :include
