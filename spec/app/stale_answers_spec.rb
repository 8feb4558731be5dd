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
  "shape" => ->(m) { m.piece.update!(shape: "ellipse") },
  "a place kept off" => ->(m) { m.piece.update!(keep_outs: [{kind: "disc", x: 20, y: 10, width: 4, height: 4}]) },
  "place" => ->(m) { m.update!(x_mm: 3.0) }, "room" => ->(m) { m.update!(clearance_mm: 9.0) },
  "copies" => ->(m) { m.update!(copies: 7) }, "sealer" => ->(m) { m.update!(sealer: "spray-satin", coats: 2) },
  "cover" => ->(m) { Actions::CoverPiece.call(m, m.covering.beginning, Time.now) }
}.freeze

# Answers that are kept are kept under what they were worked out from.
RSpec.describe "what is kept of a mark", :shop do
  let(:mark) { ready_mark }

  def fresh = Mark.find(mark.id)

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

  # what is kept of it, each with what it was asked with, told apart by other means than names are
  def kept(one)
    told = []
    allow(Shelves::KeptAnswers).to receive(:kept_as).and_wrap_original do |real, *asked, **named|
      real.call(*asked, **named).tap { |name| told << [asked[1], Marshal.dump([flat(asked), flat(named)]), name] }
    end
    one.design.checks_key
    [one.room, (one.cutting.as_placed if one.method_key)]
    told.uniq(&:first).to_h { |verb, given, name| [verb, [given, name]] }
  end

  def flat(value)
    case value
    when UpClose::Methods::Limits then UpClose::Methods::Limits::USUAL.keys.to_h { |name| [name, value[name]] }
    when Shelves::DrawnArtwork then [value.source.to_a.map(&:to_s), value.recipe, value.framed, drawn_on(value)]
    when UpClose::Surfaces::Shape then [value.key, value.measures]
    when UpClose::Artwork::Ink then flat(value.to_h)
    when UpClose::Colour then value.to_hex
    when UpClose::Placing::Placement then value.to_a
    when Array then value.map { |one| flat(one) }
    when Hash then value.map { |name, one| [name.to_s, flat(one)] }.sort_by(&:first)
    else value.to_s
    end
  end

  # the piece, where a step of its recipe follows it
  def drawn_on(drawn)
    follows = drawn.recipe.any? { |step| %w[bend cover].include?(step["key"]) }
    flat([drawn.shape, drawn.mm_per_unit&.round(9)]) if follows
  end

  it "is kept under exactly what it is worked out from: found anew for that, and for nothing else" do
    mark.update!(method_key: "water-slide", printer: "laser", stock: "clear-film")
    mark.update!(cutting_kept: {"line" => "ink"})
    wrong = CHANGES_OF_A_MARK.flat_map do |name, change|
      of_it = nil
      ActiveRecord::Base.transaction do
        before = kept(fresh)
        change.call(fresh)
        after = kept(fresh)
        of_it = (before.keys & after.keys).reject do |verb|
          (before[verb].first == after[verb].first) == (before[verb].last == after[verb].last)
        end
        raise ActiveRecord::Rollback
      end
      of_it.map { |verb| "#{verb}, of another #{name}" }
    end
    expect(wrong).to be_empty
    expect(kept(fresh).keys).to include(:build, :new, :cut, :looked_at)
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
