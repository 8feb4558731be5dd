# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe UpClose::Artwork::Checks do
  per_mm = 600 / 25.4

  # a drawing of mm, 24 × 24
  # what turned shapes put beyond it counts as well
  def drawn(body)
    UpClose::Artwork::Opening.call(
      %(<svg xmlns="http://www.w3.org/2000/svg" width="24mm" height="24mm" viewBox="0 0 24 24">#{body}</svg>),
      take_all: true
    )
  end

  def width_of(art) = art.ink.box.width * art.mm_per_unit

  # the same as pixels, 600 an inch
  def as_pixels(art)
    image = UpClose::Formats::SVG::Raster.call(art, frame: art.ink.box.grown(1), scale: 600 / 25.4 * art.mm_per_unit)
    opened(image.pngsave_buffer)
  end

  def survey(art, width_mm, ground: false, limit_mm: 0.2)
    UpClose::Artwork::Thinness::Survey.new(
      UpClose::Artwork::SizedRaster.new(art, width_mm: width_mm),
      limit_mm: limit_mm,
      ground: ground
    )
  end

  def limits(**recorded)
    UpClose::Methods::Limits.for(method: UpClose::Methods.fetch("solvent-rub"), printer: :laser, recorded: recorded)
  end

  # findings by their keys, each worked out when it is asked for
  def checked(art, width_mm, **about)
    subject = UpClose::Artwork::CheckContext.new(artwork: art, width_mm: width_mm, limits: limits, **about)
    Hash.new { |told, key| told[key] = check(key).call(subject) }
  end

  def check(key)
    name = {hidden_rectangle: "HiddenBlock"}.fetch(key) { key.to_s.split("_").map(&:capitalize).join }
    UpClose::Artwork::Checks.const_get(name)
  end

  # an image of w × h pixels of one grey, with a black square on it
  def png(width, height, ground: 255, &paint)
    image = (Vips::Image.black(width, height) + ground).cast(:uchar).copy(interpretation: :"b-w")
    image = paint ? paint.call(image) : image.draw_rect([0], 4, 4, width / 2, height / 2, fill: true)
    opened(image.pngsave_buffer)
  end

  describe "the thinnest line and gap" do
    lines = {
      "straight" => ->(w) { %(<rect y="1" width="20" height="#{w}"/><rect x="3" y="5" width="8" height="4"/>) },
      "slanted" => ->(w) {
        [
          %(<line x1="1" y1="1" x2="19" y2="8.3" stroke="#000" stroke-width="#{w}"/><rect x="3" y="9" width="8" ),
          %(height="4"/>)
        ].join
      },
      "curved" => ->(w) {
        [
          %(<circle cx="8" cy="8" r="7" fill="none" stroke="#000" stroke-width="#{w}"/><rect x="5" y="5" width="5" ),
          %(height="5"/>)
        ].join
      }
    }
    gaps = {
      "straight" => ->(w) { %(<rect width="20" height="5"/><rect y="#{5 + w}" width="20" height="5"/>) },
      "slanted" => ->(w) {
        %(<g transform="rotate(23 10 10)"><rect width="20" height="5"/><rect y="#{5 + w}" width="20" height="5"/></g>)
      },
      "curved" => ->(w) {
        [
          %(<circle cx="10" cy="10" r="4"/><circle cx="10" cy="10" r="#{5.5 + w}" fill="none" stroke="#000" ),
          %(stroke-width="3"/>)
        ].join
      }
    }

    {false => lines, true => gaps}.each do |ground, ladder|
      ladder.each do |kind, body|
        {[0.1, 0.6] => false, [0.25, 1.0] => true}.each do |widths, slow|
          it "is found within 0.03 mm: #{kind} #{ground ? "gaps" : "lines"} of #{widths.join(" and ")}, as lines " \
            "and as pixels",
            slow: slow do
            widths.each do |wide|
              art = drawn(body.call(wide))
              expect(survey(art, width_of(art), ground: ground).thinnest).to be_within(0.03).of(wide)
              pixels = as_pixels(art)
              expect(survey(pixels, pixels.ink.box.width / per_mm, ground: ground).thinnest).to be_within(0.03).of(wide)
            end
          end
        end
      end
    end

    it "takes no corner, no line's end and no notch for a thin place" do
      art =
        drawn(
          '<path d="M2 2h9v9h-9z M14 2l8 9h-8z M2 14l5 2 5-2-2 5 2 4h-10l2-4z"/><line x1="14" y1="15" x2="22" ' \
          'y2="20" stroke="#000" stroke-width="1.2"/>' \
          '<line x1="14" y1="22" x2="22" y2="22.5" stroke="#000" stroke-width="1" stroke-linecap="round"/>'
        )
      [false, true].each { |ground| expect(survey(art, width_of(art), ground: ground, limit_mm: 0.35).below).to eq [] }
    end

    it "finds a neck between two bodies, and says where" do
      art =
        drawn(
          '<rect x="1" y="1" width="8" height="8"/><rect x="15" y="1" width="8" height="8"/><rect x="8" y="4.9" ' \
          'width="8" height="0.2"/>'
        )
      found = survey(art, width_of(art), limit_mm: 0.25).below
      expect(found.map { |p| p.width_mm.round(2) }).to eq [0.2]
      expect(found.first.box.centre).to have_attributes(x: be_within(0.2).of(11), y: be_within(0.1).of(4))
    end

    it "stops under the limit, and names the width that carries" do
      art = drawn('<rect y="1" width="20" height="0.2"/><rect x="3" y="5" width="8" height="4"/>')
      told = checked(art, 20.0)[:thinnest_line]
      # 20 × 0.25 ÷ 0.2 = 25
      expect(told).to have_attributes(verdict: :stop, figure: "0.2 mm", limit: 0.25, remedy: /25 mm wide or more/)
      expect(told.places.size).to eq 1
    end
  end

  it "goes through one lookup, which a record overrides" do
    expect(limits[:line_mm]).to eq 0.25
    expect(limits.source(:line_mm)).to match(/starting value/)
    recorded = limits(line_mm: [0.18, "your coupon of 3 May"])
    expect([recorded[:line_mm], recorded.source(:line_mm), recorded[:solid_mm]])
      .to eq [0.18, "your coupon of 3 May", 12.0]
  end

  describe "thin lines and gaps" do
    # twenty bars of 10 mm, of which some are hairs of 6 mm
    def bars(hairs)
      drawn(
        Array.new(20) { |i|
          [
            %(<rect x="#{(i % 2) * 12}" y="#{i / 2 * 2.3}" ),
            %(#{(i < hairs) ? 'width="6" height="0.1"' : 'width="10" height="1"'}/>)
          ].join
        }
          .join
      )
    end

    def lines(art, method: "ink-offset", printer: :inkjet, width: width_of(art))
      about = UpClose::Artwork::CheckContext.new(
        artwork: art,
        width_mm: width,
        limits: UpClose::Methods::Limits.for(method: UpClose::Methods.fetch(method), printer: printer)
      )
      UpClose::Artwork::Checks::ThinnestLine.call(about)
    end

    it "are judged by the share of their length: one hair in a hundred is fine, a twentieth watch, more stop" do
      # a short hair beside 190 mm of bars, then one bar of twenty, then three
      hair = drawn(%(<rect x="0" y="23" width="1.2" height="0.1"/>) + Array
        .new(20) { |i| %(<rect x="#{(i % 2) * 12}" y="#{i / 2 * 2.3}" width="10" height="1"/>) }
        .join)
      expect([lines(hair), lines(bars(1)), lines(bars(3))].map(&:verdict)).to eq %i[fine watch stop]
      expect(lines(bars(3))).to have_attributes(
        value: be_within(0.03).of(0.1),
        reason: /[7-9](\.\d)? % of the length is narrower than 0.35 mm.*Thinnest place 0\.1\d? mm, \S+ from the left/
      )
      expect(lines(hair).places.size).to eq 1
    end

    it "spoil a resist at a single place, and stop nothing that a pen follows" do
      expect(lines(bars(1), method: "heat-resist", printer: :laser))
        .to have_attributes(verdict: :stop, working: have_attributes(to_s: /every place counts/))
      expect(lines(bars(9), method: "tracing", printer: :laser))
        .to have_attributes(verdict: :fine, reason: /draws its own line/)
      expect(lines(bars(9), method: "cut-template", printer: :laser).verdict).to eq :watch
    end

    it "grow and shrink exactly with the print" do
      hatch =
        drawn(
          Array.new(30) { |i|
            [
              %(<path d="M#{i * 0.7} #{2 + Math.sin(i)}l#{2 + Math.cos(i)} #{18 - i % 5}" stroke="#000" stroke-width="),
              %(#{0.1 + i % 5 * 0.05}"/>)
            ].join
          }
            .join
        )
      told = [300.0, 120.0].map { |width| lines(hatch, width: width).value / width }
      expect(told.max / told.min).to be_within(1e-9).of(1)
    end
  end

  it "counts as ink whatever is printed, of any colour: solids, gaps and coverage alike" do
    %w[#000000 #ffc0cb #9fd8d2].each do |colour|
      art =
        drawn(%(<rect width="20" height="5" fill="#{colour}"/><rect y="8" width="20" height="14" fill="#{colour}"/>))
      [art, as_pixels(art)].each do |one|
        told = checked(one, 20.0)
        expect(told[:largest_solid].value).to be_within(0.4).of(14), colour
        expect(told[:thinnest_gap].value).to be_within(0.05).of(3), colour
        expect(told[:coverage].value).to be_within(0.5).of(100 * 19 / 22.0), colour
      end
    end
    # lighter than a printer lays
    faint = drawn('<rect width="20" height="10"/><rect y="12" width="20" height="10" fill="#f8f8f8"/>')
    expect(checked(faint, 20.0)[:coverage].value).to be_within(0.5).of(100)
  end

  it "counts specks under (2 × limit)²" do
    art = drawn(
      '<rect x="1" y="1" width="10" height="10"/><circle cx="15" cy="5" r="0.2"/><circle cx="18" cy="5" r="0.4"/>'
    )
    # areas 0.126 and 0.503 mm² against 0.25
    expect(checked(art, width_of(art))[:specks]).to have_attributes(figure: "1", verdict: :watch)
  end

  it "minds white only where the piece is not as light, and offers white film only where it can be had" do
    ring = drawn('<rect width="20" height="20"/><rect x="5" y="5" width="10" height="10" fill="#fff"/>')
    seen = ->(hex, **about) { checked(ring, 20.0, surface: UpClose::Colour.hex(hex), **about)[:white] }
    expect(seen["#f7f5f0"]).to have_attributes(verdict: :fine, reason: /nearly white there/)
    expect(seen["#5b3a29"]).to have_attributes(verdict: :watch, remedy: /white film/)
    expect(seen["#5b3a29", white_film: false].remedy).to match(/\A(?!.*white film)/)
    photo = as_pixels(ring)
    expect(checked(photo, 20.0, surface: UpClose::Colour.hex("#f7f5f0"))[:white].verdict).to eq :fine
  end

  it "keeps under the size of the limit it names, and tells the other as a second figure" do
    art = png(1800, 600) { |image| image.draw_rect([0], 0, 0, 1800, 600, fill: true) }
    # 1800 ÷ 300 × 25.4 = 152.4; at 600, 76.2
    expect(checked(art, 177.8)[:resolution])
      .to have_attributes(reason: /Under 300/, remedy: /under 152.4 mm wide; line art is clean from 600, up to 76.2 mm/)
  end

  it "counts pixels an inch, and wants 600 for line art" do
    art = png(500, 250) { |image| image.draw_rect([0], 0, 0, 500, 250, fill: true) }
    expect(checked(art, 50.8)[:resolution]).to have_attributes(
      figure: "250",
      verdict: :watch,
      limit: 600,
      remedy: /under 42.3 mm wide; line art is clean from 600, up to 21.2 mm/,
      working: have_attributes(to_s: /500 ÷ \(50.8 ÷ 25.4\) = 250/)
    )
    expect(checked(art, 21.1)[:resolution].verdict).to eq :fine
    expect(checked(art, 101.6)[:resolution].verdict).to eq :stop
  end

  it "finds a ground that is nearly white, and none that is white, clear or far from it" do
    expect(checked(png(60, 60, ground: 236), 10.0)[:ground])
      .to have_attributes(verdict: :stop, figure: "#ececec", remedy: /Clear the ground/)
    expect([255, 180].map { |grey| checked(png(60, 60, ground: grey), 10.0)[:ground].verdict }).to eq %i[fine fine]
    expect(checked(drawn('<circle cx="9" cy="9" r="5"/>'), 10.0)[:ground].figure).to eq "clear"
  end

  it "measures coverage, the largest solid and mid-tones" do
    found = checked(drawn('<rect width="20" height="20" fill="none"/><circle cx="10" cy="10" r="8"/>'), 16.0)
    # π/4 of its box; a disc of 16
    expect(found[:coverage].value).to be_within(0.2).of(78.54)
    expect(found[:largest_solid]).to have_attributes(value: be_within(0.3).of(16), verdict: :watch, limit: 12.0)
    expect(found[:tones].value).to be < 1
    grey = checked(png(120, 120) { |image|
      image.draw_rect([0], 0, 0, 120, 60, fill: true).draw_rect([128], 0, 60, 120, 60, fill: true)
    }, 20.0)
    expect(grey[:tones].value).to be_within(3).of(50)
  end

  it "counts opaque white only inside the outline, and as a block only where it reaches the border" do
    white_in = checked(
      drawn('<rect width="20" height="20"/><rect x="5" y="5" width="10" height="10" fill="#fff"/>'),
      20.0
    )
    expect(white_in[:white]).to have_attributes(value: be_within(0.5).of(25), verdict: :watch)
    block = png(100, 100) do |image|
      image.draw_rect([0], 0, 0, 100, 4, fill: true).draw_rect([0], 0, 96, 100, 4, fill: true)
    end
    expect(checked(block, 20.0, film: :white)[:hidden_rectangle])
      .to have_attributes(value: be_within(1).of(92), verdict: :watch)
  end

  describe UpClose::Artwork::Lines do
    def way(body)
      drawn(body).then do |art|
        described_class.new(UpClose::Artwork::SizedRaster.new(art, width_mm: width_of(art))).length_mm
      end
    end

    it "goes once along a thin line and all round what is wide, within six in a hundred" do
      expect(way('<rect width="20" height="0.6"/><rect y="10" width="20" height="0.6"/>')).to be_within(1.2).of(40)
      expect(way('<line x1="1" y1="1" x2="19" y2="12" stroke="#000" stroke-width="0.8"/>'))
        .to be_within(1.2).of(Math.hypot(18, 11))
      expect(way('<circle cx="12" cy="12" r="9" fill="none" stroke="#000" stroke-width="0.7"/>'))
        .to be_within(1.2).of(2 * Math::PI * 9)
      expect(way('<rect width="20" height="12"/>')).to be_within(3.9).of(64)
      expect(way('<circle cx="12" cy="12" r="8"/>')).to be_within(1.0).of(2 * Math::PI * 8)
    end
  end

  it "minds small letters, and the border it is cut with" do
    told = checked(lettering("Ab"), 20.0, lettering: {cap_mm: 1.5, x_mm: 1.1, small: true}, border_mm: 0.5)
    expect(told[:letters]).to have_attributes(verdict: :watch, figure: "1.1 mm", remedy: /cap height of 1.64 mm/)
    expect(told[:edge_room].verdict).to eq :watch
  end

  describe UpClose::Artwork::PredictedLook do
    def look(colour, surface, film = :clear)
      art = drawn(%(<rect width="10" height="10" fill="#{colour}"/>))
      described_class.new(
        UpClose::Artwork::SizedRaster.new(art, width_mm: 10.0),
        surface: UpClose::Colour.hex(surface),
        film: film
      )
    end

    it "multiplies ink and surface in linear light" do
      # #808080 is 0.2159 in linear light; squared 0.0466, which is #3d
      expect(look("#808080", "#808080").predicted.getpoint(200, 200)).to eq [61, 61, 61]
      # on white film: 0.2159 × (0.85 + 0.15 × 0.2159) = 0.1905, which is #79
      expect(look("#808080", "#808080", :white).predicted.getpoint(200, 200)).to eq [121, 121, 121]
    end

    it "loses a pastel on walnut, keeps it on white film, and says so" do
      walnut = look("#f4d9a8", "#5b3a29")
      expect([walnut.lost, walnut.on(:white).lost]).to match [be > 0.95, be < 0.05]
      told = checked(
        drawn('<rect width="10" height="10" fill="#f4d9a8"/>'),
        10.0,
        surface: UpClose::Colour.hex("#5b3a29")
      )[:look]
      expect(told).to have_attributes(
        verdict: :stop,
        reason: /100 % of it cannot be seen.*White film keeps (99|100) %, with a white rim/,
        remedy: /white film/i
      )
    end

    # what a maker sees in the preview: navy and red sink into near-black, yellow goes brown
    def judged(colours, surface, film = :clear, **about)
      bars = colours.each_with_index
        .map { |colour, i| %(<rect x="#{4 * i}" width="4" height="10" fill="#{colour}"/>) }
        .join
      checked(drawn(bars), 4.0 * colours.size, surface: UpClose::Colour.hex(surface), film: film, **about)[:look]
    end

    it "judges whether it is seen and whether it keeps its colours, and names what suffers" do
      expect(judged(%w[#d0202a #ffffff #f6d51f #1b2a5c], "#151515"))
        .to have_attributes(verdict: :stop, reason: /cannot be seen on the piece/, value: be > 95)
      expect(judged(%w[#f4a9bb #1f8a8a], "#6a3a91"))
        .to have_attributes(verdict: :stop, reason: /cannot be seen on the piece \(pink, teal\)/)
      expect(judged(%w[#2a63c4 #111111 #111111], "#c9a646")).to have_attributes(
        verdict: :watch,
        reason: /3\d % of it changes colour: the blue turns (dark green|teal|green|olive|dark grey)/
      )
      expect(judged(%w[#000000], "#ecd9b0"))
        .to have_attributes(verdict: :fine, reason: /keeps its colours/, remedy: nil)
      expect(judged(%w[#000000], "#1e3b2c")).to have_attributes(verdict: :stop, value: 100)
      expect(judged(%w[#d0202a #f6d51f #1b2a5c], "#151515", :white).verdict).to eq :fine
      expect(judged(%w[#d0202a], "#151515", white_film: false).remedy)
        .to eq "Paint a light ground first, or choose water-slide on white film."
    end

    it "judges no colours where none are left on the piece" do
      told = checked(
        drawn('<rect width="10" height="10" fill="#f4d9a8"/>'),
        10.0,
        surface: UpClose::Colour.hex("#151515"),
        inked: false
      )
      expect(told.values_at(:look, :white)).to eq [nil, nil]
    end

    it "changes nothing on white" do
      expect(look("#336699", "#ffffff").difference).to be < 0.5
    end
  end

  describe UpClose::Artwork::LoupeImage do
    def impression(body, surface = "#ffffff")
      art = drawn(body)
      described_class.new(UpClose::Artwork::CheckContext.new(
        artwork: art,
        width_mm: width_of(art),
        limits: limits,
        surface: UpClose::Colour.hex(surface)
      ), printer: "laser")
    end

    it "keeps a bold line, fades one too thin to carry, and shows the surface" do
      made = impression('<rect width="20" height="1"/><rect y="4" width="20" height="0.12"/>', "#c9a646")
      rows = [0.5, 4.06, 2.5].map { |y| made.image.crop(60, (y * made.per_mm).round - 1, 300, 3).avg }
      expect(rows[0]).to be < 12
      expect(rows[1]).to be > rows[0] + 60
      expect(made.image.getpoint(100, (2.5 * made.per_mm).round)).to eq [201, 166, 70]
    end

    it "turns tones into dots of the same average" do
      made = impression('<rect width="20" height="1"/><rect y="2" width="20" height="10" fill="#808080"/>')
      patch = made.image.crop(100, (4 * made.per_mm).round, 240, 120)
      expect([patch.min, patch.max]).to match [be < 40, be > 215]
      expect(patch.avg).to be_within(25).of(128)
    end
  end
end
