# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe Presenters do
  describe Presenters::Moments do
    it "says lengths of time as people do" do
      {
        0 => "0:00",
        59.9 => "0:59",
        2480 => "41:20",
        3600 => "1 h 00",
        11_100 => "3 h 05",
        86_400 => "1 d",
        100_800 => "1 d 4 h",
        -75 => "1:15"
      }.each do |seconds, words|
        expect(described_class.span(seconds)).to eq(words), seconds.to_s
      end
      expect([30, 600, 5400, 10_800, 259_200].map { |s| described_class.about(s) })
        .to eq ["30 s", "10 min", "90 min", "3 h", "3 days"]
    end

    it "says moments by how near they are" do
      now = Time.new(2026, 11, 25, 19, 0, 0)
      expect(described_class.clock(now + 2400, now)).to eq "19:40"
      expect(described_class.clock(now + 86_400, now)).to eq "Thu 19:00"
      expect(described_class.clock(now + 30 * 86_400, now)).to eq "25 Dec 19:00"
    end

    it "tells a step's time and window" do
      step = ->(**rest) { UpClose::Methods::Step.new(key: "a", phase: :apply, title: "a", words: "", **rest) }
      expect(described_class.lasting(step[kind: :wait, least_s: 30, most_s: 60])).to eq "30 s to 60 s"
      expect(described_class.lasting(step[kind: :wait, least_s: 900])).to eq "at least 15 min"
      expect(described_class.window(step[kind: :hands, least_s: 20, earliest_s: 30, latest_s: 3600]))
        .to eq "not before 30 s, within 60 min"
      expect(described_class.window(step[kind: :hands, least_s: 20, earliest_s: 0, latest_s: 120])).to eq "within 2 min"
    end
  end

  describe Presenters::Dimension do
    it "sets the figure into a long line, and past the end of a short one" do
      long = described_class.new([0, 10], [200, 10], "124.0")
      expect([long.inline?, long.at, long.strokes.size, long.heads.size]).to eq [true, [100, 10], 2, 2]
      short = described_class.new([0, 0], [0, 30], "13.2")
      expect([short.inline?, short.at, short.strokes]).to eq [false, [0, 44], [[[0, 0], [0, 30]]]]
      expect(described_class.new([5, 5], [5, 5], "0.0").heads).to be_empty
    end
  end

  describe Presenters::ClearFigures do
    def clear?(dims, frame)
      boxes = dims.map do |d|
        UpClose::Geometry::Box.around(described_class.corners(d.figure, d.at, upright: d.upright_inline?))
      end
      boxes.all? { |b| b.inside?(frame) } && boxes.combination(2).none? { |a, b| a.overlaps?(b) }
    end

    def crowd(count)
      Array.new(count) { |i| Presenters::Dimension.new([80 + i, 60], [80 + i, 66], "#{i}.4") }
    end

    it "moves what would lie over another, and leads the eye back to a line that is far" do
      dims = described_class.new(400, 300).call(crowd(6))
      expect(clear?(dims, box(0, 0, 400, 300))).to be true
      expect(dims.map(&:figure)).to eq crowd(6).map(&:figure)
      expect([dims.first.at, dims.first.leader, dims.last.leader.last]).to eq [[80, 80], nil, [85, 66]]
    end

    it "numbers out what has no room: a letter at the line, its figure above" do
      long = Array.new(8) { |i| Presenters::Dimension.new([80 + i, 60], [80 + i, 66], "12 #{i}/64") }
      figures = described_class.new(260, 130)
      dims = figures.call(long)
      expect(clear?(dims, box(0, 0, 260, 130))).to be true
      expect(figures.key).to match(/\Aa 12 \d\/64/)
      letters = figures.key.split("   ").to_h { |one| one.split(" ", 2) }
      expect(dims.map { |dim| letters.fetch(dim.figure, dim.figure) }).to eq long.map(&:figure)
    end
  end

  describe Presenters::PieceView, :shop do
    it "draws to scale: what is twice as far is twice as long" do
      mark = ready_mark
      mark.update!(x_mm: 5, y_mm: -3)
      view = described_class.new(mark.piece, writer: writer, mark: mark)
      expect(view.ink[:width]).to be_within(0.01).of(30 * view.scale)
      expect(view.ink[:height]).to be_within(0.01).of(15 * view.scale)
      middle = view.px(point(5, -3))
      expect(view.ink[:transform]).to start_with("translate(#{middle[0].round(3)} #{middle[1].round(3)})")
      left = view.dimensions.gaps.find { |d| d.figure == "20.0" } # 30 + 5 − 15
      expect(left.length).to be_within(0.01).of(20 * view.scale)
      expect(view.dimensions.sizes.map(&:figure)).to eq ["30.0", "15.0"]
    end

    it "keeps the whole drawing inside its frame, whatever the shape" do
      mark = ready_mark
      [[300, 20], [20, 300], [60, 40]].each do |width, height|
        mark.piece.update!(measures: {width_mm: width, height_mm: height})
        view = described_class.new(Piece.find(mark.piece_id), writer: writer)
        xs, ys = UpClose::Formats::SVG::PathData.read(view.outline)
          .commands
          .flat_map { |_, *points| points }
          .map(&:to_a)
          .transpose
        expect([xs.min, xs.max, ys.min, ys.max])
          .to match [be > 0, be < described_class::WIDTH, be > 0, be < described_class::HEIGHT]
        expect((xs.max - xs.min) / (ys.max - ys.min)).to be_within(0.001 * width / height).of(width / height.to_f)
      end
    end

    it "shows white film as far as it is cut, and clear film not at all" do
      mark = ready_mark(method_key: "water-slide", printer: "laser")
      view = -> { described_class.new(mark.piece, writer: writer, mark: Mark.find(mark.id)) }
      expect(view.call.film).to be_nil
      mark.update!(stock: "white-film")
      drawn = UpClose::Formats::SVG::PathData.read(view.call.film).box
      expect(drawn.width).to be_within(0.1).of((30 + 6) * view.call.scale)
    end
  end

  describe Presenters::CardRow, :shop do
    def figures(mark) = described_class.new(Mark.find(mark.id), writer: writer, now: Time.now).cells.map(&:figure)

    def stage(mark) = described_class.new(Mark.find(mark.id), writer: writer, now: Time.now).next_stage

    it "fills as the work goes on, and knows what comes next" do
      mark = mark_with_artwork
      expect(figures(mark)).to eq ["60.0 × 40.0", "looking …", "none yet", "56.0 × 28.0", "–", "–", "–", "–"]
      expect(stage(mark)).to eq "method"
      get "/marks/#{mark.id}/checks"
      expect(figures(mark)[1]).to match(/\Aline over \d/)
      send_form "/marks/#{mark.id}/method", "method_key" => "ink-offset", "printer" => "inkjet"
      expect(stage(mark)).to eq "place"
      send_form "/marks/#{mark.id}/place/settle"
      expect(stage(mark)).to eq "sheet"
      send_form "/marks/#{mark.id}/sheet", "copies" => "30", "paper" => "letter"
      expect(stage(mark)).to eq "apply"
      expect(figures(mark).drop(2))
        .to eq ["mirrored", "56.0 × 28.0", "30 on 2 Letter", "not begun", "3 coats", "nothing yet"]
    end

    it "asks nothing of what was done, whatever was not settled before it" do
      mark = ready_mark
      mark.update!(placed_at: nil)
      expect(stage(mark)).to eq "place"
      mark.attempts.create!(copy: 1, piece: 1, result: "good", faults: [])
      expect(stage(mark.reload)).to eq "record"
      run = Actions::RunMarks.start(mark, Time.now)
      expect(stage(mark.reload)).to eq "apply"
      run.update!(ended_at: Time.now)
      expect(stage(mark.reload)).to eq "record"
    end

    it "flags what has gone wrong at its stage" do
      mark = ready_mark
      mark.update!(width_mm: 400)
      mark.piece.update!(finish: "sealed")
      expect(figures(mark).values_at(1, 2)).to eq ["looking …", "looking …"]
      Actions::LookAtArtwork.call(mark)
      expect(figures(mark).values_at(2, 3, 4)).to eq ["refused ■", "■ 400.0 × 200.0", "too large ■"]
    end
  end

  describe Presenters::StepPicture, :shop do
    def picture(mark, key)
      described_class.new(mark, mark.planned.steps.find { |one| one.key[/\A[a-z_]+/] == key }, writer: writer)
    end

    def layers(mark, key)
      picture(mark, key).layers.map { |layer| "#{layer.words}#{", wet" if layer.wet}" }
    end

    it "draws from the side what lies there at that step: the sheet, the bare piece, the print on it, its coats" do
      etched = ready_mark(method_key: "heat-resist", printer: "laser", material: "brass", finish: "sanded")
      expect([layers(etched, "flash"), layers(etched, "cool")])
        .to eq [["brass", "solvent, wet"], ["brass", "the resist"]]
      decal = ready_mark(method_key: "water-slide", printer: "inkjet", material: "polystyrene", finish: "gloss-paint")
      expect(layers(decal, "print_dry")).to match [/film/, "ink, wet"]
      expect(layers(decal, "film_dry").last).to eq "film, wet"
      template = ready_mark(method_key: "cut-template", printer: "laser")
      expect(layers(template, "glue")).to match [/card/, "glue, wet", "toner"]
    end

    it "draws a hinge where the paper is taped on one edge, and no pencil lines once it is peeled" do
      rubbed = ready_mark(method_key: "solvent-rub", printer: "laser", width_mm: 120, height_mm: 90)
      rubbed.update!(width_mm: 80)
      expect(picture(rubbed, "fix").placing.hinge).to be_an(Array)
      expect(picture(rubbed, "peek").placing).to have_attributes(pencil: [], distances: [])
      rubbed.update!(width_mm: 30) # smaller than a hand: held all round
      expect(picture(Mark.find(rubbed.id), "fix").placing.hinge).to be_nil
      melted = ready_mark(method_key: "heat-resist", printer: "laser", material: "brass", finish: "sanded")
      expect(picture(melted, "lay").placing.hinge).to be_nil
    end
  end
end
