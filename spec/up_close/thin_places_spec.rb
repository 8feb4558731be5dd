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
end
