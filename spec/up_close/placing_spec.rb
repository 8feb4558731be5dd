# frozen_string_literal: true

RSpec.describe UpClose::Placing do
  let(:plate) { shape("rectangle", width_mm: 100.0, height_mm: 60.0) }
  let(:dish) { shape("disc", diameter_mm: 150.0) }
  let(:label) { box_ink(40, 20) }

  it "knows the room on every side" do
    there = room(plate, label, width_mm: 40, x_mm: 5, y_mm: -10)
    expect(there.ways.transform_values { |distance, _| distance.round(6) }).to eq(left: 35, right: 25, up: 10, down: 30)
    expect(there.clearance).to be_within(1e-9).of(10)
    expect(room(plate, label, width_mm: 40, x_mm: 35).clearance).to be_within(1e-9).of(-5)
  end

  it "holds √(w² + h²) ≤ D − 2c in a circle, however it is turned" do
    [0, 12, 90].each do |turn|
      expect(room(dish, label, width_mm: 10, turn_deg: turn, clearance_mm: 6).largest_here)
        .to be_within(1e-6).of(138 * 40 / Math.hypot(40, 20))
    end
  end

  it "turns: a label on its side swaps its room" do
    there = room(plate, label, width_mm: 40, turn_deg: 90)
    expect(there.ways.transform_values { |distance, _| distance.round(6) }).to eq(left: 40, right: 40, up: 10, down: 10)
  end

  it "finds the largest here and the largest anywhere" do
    there = room(plate, label, width_mm: 10, x_mm: 20, clearance_mm: 2)
    expect(there.largest_here).to be_within(1e-6).of(2 * (50 - 20 - 2)) # the right edge stops it
    width, at = there.largest_anywhere
    expect(width).to be_within(1e-6).of(96) # 100 − 2 × 2; height 48 ≤ 56
    expect(at.x).to be_within(1e-6).of(0)
    expect(room(plate, label, width_mm: 10, x_mm: 80).largest_here).to eq 0
  end

  {
    "rectangle" => {width_mm: 90.0, height_mm: 40.0},
    "rounded-rectangle" => {width_mm: 90.0, height_mm: 40.0, corner_mm: 12.0},
    "disc" => {diameter_mm: 70.0},
    "ellipse" => {width_mm: 90.0, height_mm: 40.0},
    "polygon" => {sides: 5, flats_mm: 60.0},
    "cup" => {top_mm: 82.0, foot_mm: 60.0, slant_mm: 95.0}
  }.each do |key, measures|
    it "grows a mark until it touches with just its clearance, wherever it lies and however it is turned: #{key}" do
      plate = shape(key, **measures)
      star = UpClose::Artwork::Ink.new(
        box: box(0, 0, 9, 8),
        hull: [point(0, 1), point(8, 0), point(9, 5), point(3, 8)],
        centroid: point(5, 4),
        rows: [[0, 0, 9, 8]]
      )
      [[0, 0, 0], [7, -4, 25], [-11, 5, 140], [3, 9, -70]].each do |x, y, turn|
        grown = room(plate, star, width_mm: 5, x_mm: x, y_mm: y, turn_deg: turn, clearance_mm: 1.5).largest_here
        expect(room(plate, star, width_mm: grown, x_mm: x, y_mm: y, turn_deg: turn).clearance)
          .to be_within(2e-3).of(1.5)
        expect(room(plate, star, width_mm: grown * 1.01, x_mm: x, y_mm: y, turn_deg: turn).clearance).to be < 1.5
      end
    end
  end

  it "runs lettering round a hole, and keeps it off the hole" do
    ring = shape("ring", outer_mm: 60.0, hole_mm: 38.0)
    # 46 inside, 54 outside
    band =
      opened(
        '<svg xmlns="http://www.w3.org/2000/svg"><circle r="25" fill="none" stroke="#000" stroke-width="4"/></svg>'
      )
        .ink
    there = room(ring, band, width_mm: 54, clearance_mm: 1)
    expect(there.clearance).to be_within(0.2).of(3)
    expect(there.largest_here).to be_within(1e-3).of(58) # 60 − 2 × 1
    expect(room(ring, box_ink(40, 20), width_mm: 20).clearance).to be < 0
    expect(room(ring, band, width_mm: 54).placed.distance_from(point(0, 0))).to be_between(22.7, 23.0)
  end

  describe described_class::Review do
    def review(there, on, **more)
      described_class.new(room: there, shape: on, clearance_mm: 6.0, writer: writer, **more).findings.to_h do |f|
        [f.key, f]
      end
    end

    it "says how far clear, how large it could be, and shows the working" do
      told = review(room(dish, label, width_mm: 100, clearance_mm: 6), dish)
      # 75 − √(50² + 25²)
      expect(told[:edge]).to have_attributes(
        verdict: :fine,
        title: "Distance from the rim",
        figure: "19.1 mm",
        reason: "You asked for 6.0 mm."
      )
      expect(told[:edge].working.to_s).to match(/19.1 mm from the rim/)
      expect(told[:largest])
        .to have_attributes(figure: "123.4 × 61.7", working: have_attributes(to_s: /100 × 1.234 = 123.43 wide/))
    end

    it "stops at a mark larger than its piece, watches one too near the edge, each with a way out" do
      expect(review(room(dish, label, width_mm: 170, clearance_mm: 6), dish)[:edge])
        .to have_attributes(verdict: :stop, title: /Outside the/, remedy: /123.4 mm wide or less/)
      expect(review(room(dish, label, width_mm: 130, clearance_mm: 6), dish)[:edge])
        .to have_attributes(verdict: :watch, remedy: /123.4 mm wide or less/)
    end

    it "tells the ink's own middle from the box's" do
      lopsided =
        UpClose::Artwork::Ink.new(box: box(0, 0, 40, 20), hull: box(0, 0, 40, 20).corners, centroid: point(15, 12))
      expect(review(room(dish, lopsided, width_mm: 80), dish)[:middle])
        .to have_attributes(figure: "10.8 mm", reason: /10.0 mm to the left and 4.0 mm below/)
    end
  end

  describe described_class::PencilLines do
    def lines(on, **at) = described_class.new(shape: on, placement: placed(width_mm: 20, **at), writer: writer).call

    def told(on, **at) = lines(on, **at).map { |line| [line.runs, line.from, line.figure_mm&.round(2)] }

    it "finds a line across by measuring down, an upright one from the left" do
      # 304.8 × 139.7: 139.7 ÷ 2 and 304.8 ÷ 2
      board = shape("rectangle", width_mm: 304.8, height_mm: 139.7)
      expect(told(board)).to eq [[:across, :top, 69.85], [:up, :left, 152.4]]
      expect(lines(board).map { |line| line.working.to_s }).to eq ["139.7 ÷ 2 = 69.85", "304.8 ÷ 2 = 152.4"]
      expect(lines(plate, x_mm: -20, y_mm: 10).map(&:words)).to eq [
        "40.0 mm from the top edge, 20.0 mm from the bottom, straight above and below the mark's middle.",
        "30.0 mm from the left edge, 70.0 mm from the right, at the height of the mark's middle."
      ]
      # turned, the two lines stay, and its own comes to them
      expect(told(board, turn_deg: 12)).to eq [[:across, :top, 69.85], [:up, :left, 152.4], [:own, nil, nil]]
      expect(told(dish)).to eq [[:across, :top, 75], [:up, :left, 75]]
    end

    it "measures to the edge of a tapered or free outline at the mark's own height" do
      # a triangle 60 wide at its foot, 60 high, point up: at the height of y = 10 it is 60 × 40 ÷ 60 wide
      roof = shape("free-polygon", points: [[30, 0], [60, 60], [0, 60]])
      expect(told(roof, y_mm: 10)).to eq [[:across, :top, 40], [:up, :left, 20]]
    end

    it "tells round pieces by the wall's height from the rim, and by a strap from a datum" do
      # 1 mm above the middle of a wall of 95; half of π × 82 to the datum, and 10 on
      expect(told(shape("cylinder", diameter_mm: 82.0, height_mm: 95.0, film_mm: 0.0), x_mm: 10, y_mm: -1))
        .to eq [[:across, :rim, 46.5], [:up, :datum, (Math::PI * 41 + 10).round(2)]]
      cup = shape("cup", top_mm: 82.0, foot_mm: 60.0, slant_mm: 95.0)
      # in the middle of the slant it is 71 wide: π × 71 ÷ 2 round from the datum
      expect(told(cup)).to eq [[:across, :rim, 47.5], [:up, :datum, (Math::PI * 71 / 2).round(2)]]
      expect(told(cup, y_mm: -20).first.last).to be_within(1e-6).of(27.5)
      expect(told(shape("cup", top_mm: 60.0, foot_mm: 82.0, slant_mm: 95.0), y_mm: -20).first)
        .to eq [:across, :rim, 27.5]
      lines(cup, x_mm: 12, y_mm: 30).each do |line|
        expect(line.words).to not_include("left edge").and not_include("corner")
      end
    end

    it "tells a body from its nose and the middle of its side, a ball from its pole" do
      body = shape("loft", stations: [[0, 0], [20, 60], [95, 10]])
      expect(told(body, x_mm: 5, y_mm: -3)).to eq [[:across, :middle, 3], [:up, :left, 52.5]]
      # a quarter round a rim of 40: π × 20 ÷ 2
      expect(told(shape("dome", ball_mm: 60.0, cap_mm: 40.0), x_mm: 8))
        .to eq [[:across, :middle, 8], [:up, :datum, (Math::PI * 10).round(2)]]
    end

    it "tells a turned mark's line as a slope that can be drawn" do
      expect(lines(plate, x_mm: 1, turn_deg: 12).last.words).to match(/12° clockwise.*down 21.3 mm for every 100.0 mm/)
      expect(lines(plate, x_mm: 1, turn_deg: -12).last.words).to match(/up 21.3 mm for every/)
    end
  end

  it "names where a drag snaps to: middles, and edges at the clearance wanted" do
    plate = shape("rectangle", width_mm: 100, height_mm: 60)
    here = room(plate, box_ink(20, 10), width_mm: 20, x_mm: 7)
    found = UpClose::Placing::Snaps
      .new(room: here, shape: plate, clearance_mm: 5, others: [placed(width_mm: 4, x_mm: -12, y_mm: 3)])
      .call
    # 50 − 5 − 10 either way, and 30 − 5 − 5
    expect(found).to eq(x: [-35.0, -12.0, 0.0, 35.0], y: [-20.0, 0.0, 3.0, 20.0])
    disc = UpClose::Placing::Snaps.new(
      room: room(shape("disc", diameter_mm: 50), box_ink(20, 10), width_mm: 20),
      shape: shape("disc", diameter_mm: 50),
      clearance_mm: 5
    ).call
    expect(disc).to eq(x: [0.0], y: [0.0])
  end
end
