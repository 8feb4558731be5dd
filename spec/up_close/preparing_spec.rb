# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe UpClose::Artwork::Recipe do
  # @param width_mm [Float] what its ink measures before
  def prepared(art, width_mm, *steps, shape: nil)
    described_class
      .new(steps.map { |key, figures| {"key" => key, "on" => true}.merge((figures || {}).transform_keys(&:to_s)) })
      .call(art, per_mm: art.ink.box.width / width_mm, shape: shape)
  end

  def grey_png(width, height, ground: 255)
    image = (Vips::Image.black(width, height) + ground).cast(:uchar).copy(interpretation: :"b-w")
    opened(yield(image).pngsave_buffer)
  end

  let(:bar) { opened(svg('<rect x="10" y="20" width="80" height="10"/>')) }
  let(:bar_png) { grey_png(480, 240) { |i| i.draw_rect([0], 48, 96, 384, 48, fill: true) } }

  def as_picture(art)
    frame = art.ink.box.grown(4)
    opened(UpClose::Formats::SVG::Raster.call(art, frame: frame, scale: 12).pngsave_buffer)
  end

  it "thickens drawings and pictures by the exact length, on every edge" do
    # 40 mm wide before: 80 units are 40 mm, so 0.2 mm is 0.4 units
    grown = prepared(bar, 40.0, ["thicken", {by_mm: 0.2}])
    expect([grown.artwork.vector?, grown.artwork.ink.box.width, grown.artwork.ink.box.height])
      .to match [true, be_within(1e-3).of(80.8), be_within(1e-3).of(10.8)]
    thinned = prepared(bar, 40.0, ["thicken", {by_mm: -0.2}])
    expect(thinned.artwork.ink.box.height).to be_within(0.02).of(9.2)
    # 384 pixels are 40 mm
    pixels = prepared(bar_png, 40.0, ["thicken", {by_mm: 0.2}])
    expect(pixels.artwork.ink.box.height / pixels.ratio / 9.6).to be_within(0.045).of(5.4)
  end

  # a scene of 240 × 240 with shades and grain, left of a bar of 260 × 150 in black, on white
  def scene_and_bar
    xy = Vips::Image.xyz(240, 240)
    scene = xy[0] * 0.4 + xy[1] * 0.4 + 30 + Vips::Image.gaussnoise(240, 240, mean: 0, sigma: 5, seed: 4).gaussblur(1)
    ground = (Vips::Image.black(800, 480) + 255).cast(:uchar).copy(interpretation: :"b-w")
    opened(ground.insert(scene.cast(:uchar), 60, 60).draw_rect([0], 520, 200, 260, 150, fill: true).pngsave_buffer)
  end

  # a step done at 24 pixels a millimetre: what came before, what comes out, and where that lies in it
  def beside(key, figures = {})
    art = scene_and_bar
    made = described_class.new([{"key" => key, "on" => true}.merge(figures)]).call(art, per_mm: 24.0)
    [art, made.artwork, (made.artwork.image.width - art.image.width) / 2]
  end

  def tones(image) = image.hist_find.to_a.flatten.each_with_index.select { |count, _| count.positive? }.map(&:last)

  def same?(one, other) = (one - other).abs.max.zero?

  it "thickens lines beside a photo and leaves the photo; a grey keeps its tone; a photo alone stays as it is" do
    art, made, grown = beside("thicken", "by_mm" => 0.25)
    expect(grown).to eq 6
    # well within it: where a photo ends is known to a few pixels
    expect(same?(art.image.crop(66, 66, 228, 228), made.image.crop(72, 72, 228, 228))).to be true
    bar = made.image.crop(480, 160, 326, 240)
    # 260 × 150 and six pixels on each side
    expect([tones(bar), bar.invert.find_trim(background: [0])[2, 2], (bar == 0).avg / 255 * 326 * 240])
      .to match [[0, 255], [272, 162], be_within(60).of(272 * 162)]
    greys = grey_png(200, 100) { |i| i.draw_rect([90], 20, 20, 60, 60, fill: true).draw_rect([203], 110, 20, 60, 60) }
    grown = described_class.new([{"key" => "thicken", "by_mm" => 0.1}]).call(greys, per_mm: 24.0).artwork
    expect(tones(grown.image)).to eq [90, 203, 255]
    scene = opened(DrawnPictures.photograph(5).bytes)
    alone = described_class.new([{"key" => "thicken", "by_mm" => 0.25}]).call(scene, per_mm: 20.0)
    expect([same?(alone.artwork.image, scene.image.resize(2, kernel: :nearest)), alone.notes])
      .to eq [true, [UpClose::Artwork::Preparing::Thicken::NO_LINES]]
  end

  it "makes dots, pencil and ink lines of the photo, and lets the letters beside it be" do
    %w[dot-screen pencil ink-lines].each do |key|
      art, made, = beside(key)
      ratio = made.image.width / art.image.width
      bar = made.image.crop(*[526, 206, 248, 138].map { |px| px * ratio })
      expect([key, bar.max]).to eq [key, 0]
      scene = [made, art].map { |m| m.image.crop(*[100, 100, 160, 160].map { |px| px * m.image.width / 800 }) }
      expect((scene.first.avg - scene.last.avg).abs).to be < 8 if key == "dot-screen"
      expect(scene.first.avg).to be > 180 if key != "dot-screen"
    end
    # black letters on white, as soft as a picture has them, have no dots in their edges
    word = grey_png(400, 200) { |i| i.draw_rect([0], 50, 50, 300, 8, fill: true) }
    soft = opened(word.image.gaussblur(1.2).pngsave_buffer)
    screened = prepared(soft, 20.0, ["dot-screen"]).artwork.image
    middle = screened.crop(screened.width / 4, 0, screened.width / 2, screened.height)
    expect((middle < 128).project.first.to_a.flatten.uniq.size).to eq 1
  end

  it "leaves an outline alone, all round and in the holes, and nothing inside" do
    # a frame of 80 × 40 with a hole of 60 × 20, 40 mm wide: 2 units a mm, a line of 0.5 mm is 1 unit
    frame = UpClose::Artwork::Opening.call(
      svg(
        '<path fill-rule="evenodd" d="M10 20h80v40h-80z M20 30h60v20h-60z"/><rect x="30" y="22" width="10" height="6"/>'
      ),
      take_all: true
    )
    line = prepared(frame, 40.0, ["outline", {line_mm: 0.5}])
    dots = prepared(as_picture(frame), 40.0, ["outline", {line_mm: 0.5}])
    expect(line.artwork.ink.box.to_a).to match [9, 19, 82, 42].map { |side| be_within(0.01).of(side) }
    [line, dots].each do |made|
      proof = UpClose::Artwork::SizedRaster.new(made.artwork, width_mm: 41.0, per_mm: 20.0)
      # outside: 82 × 42 less 80 × 40, less what the round corners of
      # radius 1 leave; inside: 60 × 20 less 58 × 18; units² ÷ 4 = mm²
      wanted = (82 * 42 - 80 * 40 - (4 - Math::PI) + 60 * 20 - 58 * 18) / 4.0
      expect(proof.cover.avg / 255 * proof.cover.width * proof.cover.height / 400.0)
        .to be_within(wanted * 0.03).of(wanted)
    end
  end

  it "bends a bar so that it runs level round a cup" do
    mug = shape("cup", top_mm: 82, foot_mm: 60, slant_mm: 95)
    bent = prepared(bar, 40.0, ["bend"], shape: mug).artwork
    per_mm = 2.0 # 80 units are 40 mm
    placed_bar = UpClose::Placing::PlacedInk.new(bent.ink, placed(width_mm: bent.ink.box.width / per_mm, y_mm: 0))
    corners = bent.shapes.first.path.flatten(0.01).first.first
    map = UpClose::Geometry::Transform.move(-bent.ink.box.centre.x, -bent.ink.box.centre.y)
      .then(UpClose::Geometry::Transform.scale(1 / per_mm))
    radii = corners.map { |p| map.apply(p) - point(0, 0) }.map { |p| mug.unrolled.polar(p + point(0, 0)).first }
    # its long edges lie on two arcs 5 mm apart, whatever the small shift of its box
    heights = corners.map { |p|
      mug.unrolled.middle * per_mm - Math.hypot(p.x - 50, p.y - 25 - mug.unrolled.middle * per_mm)
    }.map do |v|
      (v / per_mm).round(2)
    end
    expect(heights.minmax).to eq [-2.5, 2.5]
    expect(heights.tally.select { |_, n| n > 5 }.keys).to match_array [-2.5, 2.5]
    expect([radii.size, placed_bar.height_mm])
      .to match [be > 10, be_within(0.1).of(5 + 20**2 / 2 / mug.unrolled.middle)]
  end

  it "bends pictures to the same shape as drawings" do
    line, dots = [bar, bar_png].map { |art| prepared(art, 40.0, ["bend", {radius_mm: 60.0}]).artwork.ink }
    expect(dots.aspect).to be_within(0.01).of(line.aspect)
  end

  it "clears a ground that is nearly white, not what it encloses" do
    art = grey_png(100, 60, ground: 240) do |i|
      i.draw_rect([0], 20, 10, 60, 40, fill: true).draw_rect([240], 40, 20, 20, 20, fill: true)
    end
    made = prepared(art, 30.0, ["clear-ground", {tolerance: 5}]).artwork
    expect(made.ink.box.to_a).to eq [20, 10, 60, 40]
    expect([[5, 5], [50, 30]].map { |at| made.image.getpoint(*at).first }).to eq [255, 240]
  end

  # a JPEG of 600 × 400: a blue ring, 120 and 60 pixels in radius,
  # on paper of #f3f3f1 with noise, perhaps shaded towards a corner
  def photographed(sigma: 2, shade: 0)
    place = Vips::Image.xyz(600, 400)
    dark = place[0] / 600.0 * (place[1] / 400.0) * shade
    bands = [243, 243, 241].each_with_index.map do |level, i|
      Vips::Image.gaussnoise(600, 400, sigma: sigma, mean: level, seed: i + 1) - dark
    end
    paper = bands.first.bandjoin(bands.drop(1)).cast(:uchar)
    ring = paper.mutate { |m| m.draw_circle!([20, 30, 90], 300, 200, 120, fill: true) }
    hole = (Vips::Image.black(600, 400) + 0).cast(:uchar).mutate { |m| m.draw_circle!([255], 300, 200, 60, fill: true) }
    opened(hole.ifthenelse(paper, ring).copy(interpretation: :srgb).jpegsave_buffer(Q: 88))
  end

  def ground(art)
    UpClose::Artwork::Checks::Ground.call(UpClose::Artwork::CheckContext.new(
      artwork: art,
      width_mm: 30.0,
      limits: UpClose::Methods::Limits.for(method: UpClose::Methods.fetch("water-slide"), printer: :laser)
    ))
  end

  it "finds paper that is not quite white through noise, texture and shadow, clears it, and looks at what is " \
    "left inside" do
    {{} => 1.5, {sigma: 7} => 6, {sigma: 3, shade: 45} => 9}.each do |how, spread|
      photo = photographed(**how)
      told = ground(photo)
      expect([told.verdict, told.working.to_s]).to match([:stop, /most of it within ΔE/]), how.inspect
      expect(UpClose::Artwork::Whites.new(photo).border.spread).to be_between(0.3, spread), how.inspect
      outer = prepared(photo, 30.0, ["clear-ground"])
      # π × (120² − 60²) is the ring, π × 60² its middle, of 600 × 400
      expect(outer.notes.last).to match(/cleared: 8[01](\.\d)? % of the picture. 4\.\d % like it is left inside/)
      expect(ground(outer.artwork)).to have_attributes(verdict: :watch, remedy: /also inside rings and letters/)
      whole = prepared(photo, 30.0, ["clear-ground", {enclosed: 1}])
      expect(whole.notes.last).to match(/cleared: 8[56](\.\d)? %.*Nothing of that colour is left/)
      expect(ground(whole.artwork)).to have_attributes(verdict: :fine, figure: "white")
      expect(whole.artwork.ink.box.to_a).to match [180, 80, 241, 241].map { |side| be_within(2).of(side) }
    end
  end

  it "says so when the border has no one colour, and keeps what it said through the steps after" do
    many = opened((Vips::Image.black(200, 100) + 40)
      .cast(:uchar)
      .draw_rect([200], 0, 0, 66, 100, fill: true)
      .draw_rect([120], 66, 0, 66, 100, fill: true)
      .copy(interpretation: :"b-w")
      .pngsave_buffer)
    expect(prepared(many, 20.0, ["clear-ground"], ["invert"]).notes)
      .to include(/several colours, so nothing was cleared/)
  end

  it "parts black from bare where Otsu would" do
    art = grey_png(90, 30) do |i|
      i.draw_rect([60], 0, 0, 30, 30, fill: true)
        .draw_rect([180], 30, 0, 30, 30, fill: true)
        .draw_rect([200], 60, 0, 30, 30, fill: true)
    end
    made = prepared(art, 30.0, ["threshold"])
    at = ->(x) { made.artwork.image.getpoint((x * made.ratio).round, 10).first }
    expect([15, 45, 75].map(&at)).to eq [0, 255, 255]
    byhand = prepared(art, 30.0, ["threshold", {level: 190}])
    expect(byhand.artwork.image.getpoint((45 * byhand.ratio).round, 10).first).to eq 0
  end

  it "screens a grey into dots that hold its tone" do
    art = grey_png(200, 200) { |i| i.draw_rect([100], 0, 0, 200, 200, fill: true) }
    made = prepared(art, 20.0, ["dot-screen"]).artwork.image
    expect([made.min, made.max, made.avg]).to match [0, 255, be_within(6).of(100)]
  end

  it "draws edges as lines and leaves even tones bare" do
    art = grey_png(300, 200) do |i|
      i.draw_rect([90], 0, 0, 150, 200, fill: true).draw_rect([220], 150, 0, 150, 200, fill: true)
    end
    %w[ink-lines pencil].each do |key|
      made = prepared(art, 30.0, [key])
      at = ->(x) { made.artwork.image.crop((x * made.ratio).round, 50, 4, 50).avg }
      expect([at[60], at[240], (140..150).map { |x| at[x] }.min]).to match([be > 235, be > 235, be < 200]), key
    end
  end

  it "crops, turns and inverts; each step can be turned off; the original stays" do
    made = prepared(bar_png, 40.0, ["crop", {right: 50}]).artwork
    expect(made.ink.box.width).to eq 192
    expect(prepared(bar, 40.0, ["straighten", {turn: 45}]).artwork.ink.box.width)
      .to be_within(0.01).of(90 / Math.sqrt(2))
    off = described_class.new([{"key" => "invert", "on" => false}])
    expect(off.call(bar, per_mm: 2.0).artwork).to be bar
    expect(bar_png.ink.box.to_a).to eq [48, 96, 384, 48]
  end

  it "says when nothing is left, a figure is out of range, or a step is not known" do
    expect { prepared(bar_png, 40.0, ["crop", {left: 60, right: 60}]) }.to refuse_saying(/leaves nothing/)
    expect { prepared(bar_png, 40.0, ["threshold", {level: 900}]) }.to refuse_saying(/lies between 0 and 254/)
    expect { prepared(bar_png, 40.0, ["polish"]) }.to refuse_saying(/no step called “polish”/)
  end
end
