# frozen_string_literal: true

require_relative "../shop_helper"

CHANGES_OF_A_MARK = {
  "border" => ->(m) { m.update!(laying: m.laying.merge("border_mm" => 0.2)) },
  "width" => ->(m) { m.update!(width_mm: 21.0) }, "printer" => ->(m) { m.update!(printer: "laser") },
  "stock" => ->(m) { m.update!(stock: "white-film") },
  "method" => ->(m) { m.update!(method_key: "solvent-rub", printer: "laser", stock: nil) },
  "purpose" => ->(m) { m.update!(purpose: "guide") }, "colour" => ->(m) { m.piece.update!(colour: "#102030") },
  "more colours" => ->(m) { m.piece.update!(more_colours: ["#112233"]) },
  "recipe" => ->(m) { m.update!(recipe: [{"key" => "invert", "on" => true}]) },
  "cover" => ->(m) { Actions::CoverPiece.call(m, m.covering.beginning) }
}.freeze

# Answers that are kept are kept under what they were worked out from.
RSpec.describe "what is kept of a mark", :shop do
  let(:mark) { ready_mark }

  def fresh = Mark.find(mark.id)

  # @return [Float] mm² within the line that is cut
  def cut_mm2(one)
    svg = get("/marks/#{one.id}/cut/1.svg").body
    paths = svg.scan(/ d="([^"]+)"/).flatten.map { |d| UpClose::Formats::SVG::PathReader.call(d) }
    UpClose::Geometry::Region.of_path(paths.max_by { |path| UpClose::Geometry::Region.of_path(path).area }).area
  end

  it "is cut along the piece that it covers now, another shape of the same measures included" do
    mark.piece.update!(measures: {"width_mm" => 176.0, "height_mm" => 24.0}, count: 1)
    mark.update!(copies: 1)
    send_form "/marks/#{mark.id}/cover/begin"
    before = fresh.design.signature
    rectangle = fresh.cutting.cut.region.area
    form = Shop::PLATE.merge("width_mm" => "176", "height_mm" => "24", "count" => "1")
    expect(send_form("/marks/#{mark.id}/measure", form.merge("shape" => "ellipse")).status).to eq 303
    # bleed of 1.5: area + girth × 1.5 + π × 1.5², half axes 88 and 12; its girth by Ramanujan
    h = (76 / 100.0)**2
    girth = Math::PI * 100 * (1 + 3 * h / (10 + Math.sqrt(4 - 3 * h)))
    expect(fresh.cutting.cut.region.area).to be_within(2).of(Math::PI * 88 * 12 + girth * 1.5 + Math::PI * 1.5**2)
    expect(rectangle).to be_within(2).of(179 * 27)
    expect(fresh.design.signature).not_to eq before
  end

  # every input of what is checked, of what is drawn
  def told(one) = Marshal.load(Marshal.dump(one.design.about.transform_values { |value| flat(value) }))

  def flat(value)
    case value
    when UpClose::Methods::Limits then UpClose::Methods::Limits::USUAL.keys.to_h { |name| [name, value[name]] }
    when UpClose::Colour then value.to_hex
    when Array then value.map { |one| flat(one) }
    when Range then value.to_s
    else value
    end
  end

  it "is looked at anew for whatever its checks are told" do
    mark.update!(method_key: "water-slide", printer: "laser", stock: "clear-film")
    wrong = CHANGES_OF_A_MARK.filter_map do |name, change|
      ActiveRecord::Base.transaction do
        before, key, drawn = told(fresh), fresh.design.checks_key, Marshal.dump(fresh.design.drawn)
        change.call(fresh)
        same = told(fresh) == before && Marshal.dump(fresh.design.drawn) == drawn
        @same = name if !same && fresh.design.checks_key == key
        raise ActiveRecord::Rollback
      end
      @same.tap { @same = nil }
    end
    expect(wrong).to be_empty
  end

  it "says the border that it has" do
    mark.update!(method_key: "water-slide", printer: "laser", stock: "clear-film")
    figure = -> { fresh.design.findings.find { |finding| finding.key == :edge_room }&.figure.to_s }
    before = figure.call
    fresh.update!(laying: {"border_mm" => 0.2})
    expect([before, figure.call]).to match [/3/, /0\.2/]
  end

  describe "two flanks" do
    let(:left) do
      lure = ready_mark
      lure.piece.update!(shape: "loft", measures: {"stations" => [[0, 0], [40, 60], [95, 20]]})
      Actions::PairFlanks.call(lure)
      lure.reload
    end
    let(:right) { Mark.find_by(flank: "right") }

    def place(one) = one.reload.attributes.values_at("x_mm", "y_mm", "width_mm", "turn_deg")

    it "stay a mirror through a move and its undo" do
      before = [place(left), place(right)]
      send_form "/marks/#{left.id}/place", "x" => "3", "y" => "1", "width" => "22", "turn" => "5"
      expect(place(right)).to eq place(left).then { |x, y, w, turn| [-x, y, w, -turn] }
      send_form "/marks/#{left.id}/place/undo"
      expect([place(left), place(right)]).to eq before
    end

    it "are made alike, on whichever of them it is changed" do
      made = ->(one) { one.reload.attributes.slice(*ContactSheet::SAME_WORK) }
      [[left, "spray-satin", "3"], [right, "spray-matt", "4"]].each do |one, sealer, copies|
        send_form "/marks/#{one.id}/seal", "sealer" => sealer, "coats" => "2"
        send_form "/marks/#{one.id}/sheet", "copies" => copies, "paper" => "letter"
        expect(made[right]).to eq made[left]
        expect(made[left]).to include("sealer" => sealer, "coats" => 2, "copies" => copies.to_i, "paper" => "letter")
      end
      send_form "/marks/#{right.id}/purpose", "purpose" => "guide"
      expect([left, right].map { |one| one.reload.purpose }).to eq %w[guide guide]
      Actions::PairFlanks.part(right)
      send_form "/marks/#{left.id}/sheet", "copies" => "7", "paper" => "a4"
      expect([left, right].map { |one| one.reload.copies }).to eq [7, 4]
    end
  end
end
