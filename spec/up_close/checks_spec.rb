# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/checked_artwork"

RSpec.describe UpClose::Artwork::Checks do
  include CheckedArtwork

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
              wide_mm = pixels.ink.box.width / CheckedArtwork::PER_MM
              expect(survey(pixels, wide_mm, ground: ground).thinnest).to be_within(0.03).of(wide)
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

    it "stop nothing where they are a label's few rules: those are told, and all else carries" do
      # eight bars of 20 × 1.6, half their outlines 172.8, between rules of 23 × 0.1, half of each 23.1
      label = ->(rules) {
        drawn(
          Array.new(8) { |i| %(<rect x="2" y="#{1 + 2.6 * i}" width="20" height="1.6"/>) }.join +
          Array.new(rules) { |i| %(<rect x=".5" y="#{(i < 2) ? i * 23 : 2.8 + 2.6 * i}" width="23" height=".1"/>) }.join
        )
      }
      # 46.2 of 219 is 21 %, far over the twentieth that stops; a hair's soft edges count it a little longer
      two = lines(label[2])
      expect(two).to have_attributes(
        verdict: :watch, value: be_within(0.03).of(0.1),
        reason: /2 lines by themselves, 2[1-5](\.\d)? % of the length, are narrower than 0.35 mm.*All else carries/,
        remedy: "Thicken them, or do without."
      )
      # five are a pattern; on a resist each is lost metal; and of hairs alone nothing is left
      expect(lines(label[5]).verdict).to eq :stop
      expect(lines(label[1], method: "heat-resist", printer: :laser).verdict).to eq :stop
      hairs = drawn('<rect y="2" width="23" height=".1"/><rect y="9" width="23" height=".1"/>')
      expect(lines(hairs).verdict).to eq :stop
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
    grey_art = png(120, 120) do |image|
      image.draw_rect([0], 0, 0, 120, 60, fill: true).draw_rect([128], 0, 60, 120, 60, fill: true)
    end
    grey = checked(grey_art, 20.0)
    # an even grey is a colour, which the printer makes dots of; on a resist it is a hole
    expect([grey[:tones].value, grey[:tones].verdict]).to eq [0.0, :fine]
    etched = checked(grey_art, 20.0, purpose: :resist)[:tones]
    expect(etched.value).to be_within(3).of(50)
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

  it "minds small letters, and the border it is cut with" do
    told = checked(lettering("Ab"), 20.0, lettering: {cap_mm: 1.5, x_mm: 1.1, small: true}, border_mm: 0.5)
    expect(told[:letters]).to have_attributes(verdict: :watch, figure: "1.1 mm", remedy: /cap height of 1.64 mm/)
    expect(told[:edge_room].verdict).to eq :watch
  end
end
