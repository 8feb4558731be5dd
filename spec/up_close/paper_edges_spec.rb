# frozen_string_literal: true

require "vips"

RSpec.describe UpClose::Printing::Calibrating::PaperEdges do
  let(:paper) { UpClose::Printing::Paper.new("card", "Card", 80.0, 50.0) }
  let(:per_mm) { 300 / 25.4 }

  # a light sheet on a dark bed, its middle at a place, turned; edges soft as a scan's
  def bed(middle, turn_deg, width: 80.0, height: 50.0, light: 235, dark: 50)
    wide, high = [120 * per_mm, 90 * per_mm].map(&:round)
    svg = <<~SVG
      <svg xmlns="http://www.w3.org/2000/svg" width="#{wide}" height="#{high}">
        <rect width="100%" height="100%" fill="rgb(#{([dark] * 3).join(",")})"/>
        <g transform="scale(#{per_mm}) translate(#{middle.join(" ")}) rotate(#{turn_deg})">
          <rect x="#{-width / 2}" y="#{-height / 2}" width="#{width}" height="#{height}"
            fill="rgb(#{([light] * 3).join(",")})"/>
        </g>
      </svg>
    SVG
    Vips::Image.svgload_buffer(svg)[0].gaussblur(0.7).cast(:uchar)
  end

  def frame(image, near: 0.0) = described_class.new(image, per_mm: per_mm).frame(paper, near_deg: near)

  [[[60.0, 45.0], 0.0], [[58.37, 44.21], 2.4], [[61.1, 46.3], -1.7]].each do |middle, turn|
    it "finds a sheet turned by #{turn}° to a few hundredths of a millimetre" do
      map = frame(bed(middle, turn), near: turn)
      corner = UpClose::Geometry::Transform.turn(turn)
        .then(UpClose::Geometry::Transform.move(*middle))
        .apply(UpClose::Geometry::Point[-40, -25])
      expect(map.apply(corner).length).to be < 0.05
      expect(map.apply(UpClose::Geometry::Point[*middle]).distance(UpClose::Geometry::Point[40, 25])).to be < 0.03
    end
  end

  it "knows a sheet laid in upside down by what is printed on it" do
    map = frame(bed([60.0, 45.0], 0.0), near: 180.0)
    # its first corner is now the lower right one
    expect(map.apply(UpClose::Geometry::Point[100.0, 70.0]).length).to be < 0.05
  end

  it "finds none on a light bed, on a sheet of another size, or where the sheet fills the scan" do
    expect(frame(bed([60.0, 45.0], 0.0, light: 90))).to be_nil
    expect(frame(bed([60.0, 45.0], 0.0, width: 84.0))).to be_nil
    expect(frame(bed([60.0, 45.0], 0.0, width: 300.0, height: 300.0))).to be_nil
  end
end
