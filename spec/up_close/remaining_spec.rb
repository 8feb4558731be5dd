# frozen_string_literal: true

require "json"
require "stringio"
require "command_line/runner"

RSpec.describe UpClose::Sheets::Remaining do
  # half a sheet with a bite out of its right side, a notch above and a hole, in mm
  outline = [
    [0, 0], [60, 0], [60, 14], [82, 14], [82, 0], [140, 0], [140, 50], [104, 72], [140, 90], [140, 130], [0, 130]
  ]
  hole = [[30, 60], [70, 60], [70, 95], [30, 95]]

  # it lies so far turned on a dark ground, with grain and dust
  define_method(:scan) do |turn: 0, dpi: 300, ground: 45, sheet: 235, sigma: 6|
    per_mm = dpi / 25.4
    ring = ->(points) { "M#{points.map { |x, y| "#{x * per_mm},#{y * per_mm}" }.join("L")}Z" }
    size = (190 * per_mm).ceil
    dark, light = [ground, sheet].map { |grey| "rgb(#{[grey].cycle.first(3).join(",")})" }
    drawn = <<~SVG
      <svg xmlns="http://www.w3.org/2000/svg" width="#{size}" height="#{size}">
        <rect width="100%" height="100%" fill="#{dark}"/>
        <path transform="translate(#{25 * per_mm} #{30 * per_mm}) rotate(#{turn} #{70 * per_mm} #{65 * per_mm})"
          fill="#{light}" fill-rule="evenodd" d="#{ring[outline]} #{ring[hole]}"/>
      </svg>
    SVG
    image = Vips::Image.svgload_buffer(drawn).extract_band(0)
    (image.cast(:float) + Vips::Image.gaussnoise(image.width, image.height, mean: 0, sigma: sigma, seed: 3))
      .cast(:uchar)
  end

  # the furthest any corner of either lies from the other's line
  def astray(found, true_rings)
    lines = [found.region.rings, true_rings].map do |rings|
      rings.map { |ring| UpClose::Geometry::Ring.new(ring.map { |x, y| point(x, y) }) }
    end
    lines.permutation(2)
      .flat_map { |ours, theirs|
        ours.flat_map(&:points).map do |p|
          theirs.flat_map(&:edges).map { |a, b| UpClose::Geometry::Segment.distance(p, a, b) }.min
        end
      }
      .max
  end

  [0, 2.6, -4.0].each do |turn|
    it "finds a part-used sheet's outline and hole within 0.3 mm, laid in turned by #{turn}°" do
      left = described_class.new(scan(turn: turn), dpi: 300)
      expect(astray(left, [outline, hole])).to be < 0.3
      expect([left.box.width, left.box.height]).to match [be_within(0.2).of(140), be_within(0.2).of(130)]
      # the bite, the notch and the hole are what is gone from the box
      gone = left.used.map { |ring| UpClose::Geometry::Region.polygon(ring).area }.sort
      expect(gone).to match [be_within(8).of(22 * 14), be_within(12).of(40 * 36 / 2), be_within(12).of(40 * 35)]
    end
  end

  it "works at half the dpi, and is not misled by dust" do
    dusty = scan(dpi: 150).draw_rect([30], 300, 300, 3, 3, fill: true).draw_rect([250], 40, 40, 12, 12, fill: true)
    expect(astray(described_class.new(dusty, dpi: 150), [outline, hole])).to be < 0.3
  end

  it "refuses what shows no sheet, in a sentence" do
    expect { described_class.new(scan(ground: 225), dpi: 300) }.to refuse_saying(/does not stand out/, at: :scan)
    expect { described_class.new(scan, dpi: 30) }.to refuse_saying(/30 dots/, at: :dpi)
    small = Vips::Image.black(900, 900).draw_rect([240], 100, 100, 150, 150, fill: true)
    expect { described_class.new(small, dpi: 300) }.to refuse_saying(/No sheet was found|stand out/)
    expect { described_class.read("not a picture", dpi: 300) }.to refuse_saying(/cannot be read as a picture/)
  end

  it "is told on the command line" do
    Dir.mktmpdir do |dir|
      file = File.join(dir, "film.png")
      File.binwrite(file, scan(turn: 1.5).pngsave_buffer)
      out, err = StringIO.new, StringIO.new
      expect(CommandLine::Runner.call(["remaining", file, "--dpi", "300"], out: out, err: err)).to eq 0
      expect(JSON.parse(out.string))
        .to include("width_mm" => be_within(0.2).of(140), "area_mm2" => be_within(60).of(140 * 130 - 308 - 720 - 1400))
      expect(CommandLine::Runner.call(["calibrate", file, "--dpi", "300"], out: out, err: err)).to eq 1
      expect(err.string).to match(/no page of crosses/)
      expect(CommandLine::Runner.call(["remaining"], out: out, err: err)).to eq 2
    end
  end
end
