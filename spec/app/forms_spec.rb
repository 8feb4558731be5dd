# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe Forms do
  describe Forms::JobForm do
    def form(**typed) = described_class.new({"title" => "Fair"}.merge(typed.transform_keys(&:to_s)))

    it "takes a date or none, and keeps words as they came" do
      expect(form(due_on: "2026-12-24", note: "  by hand ").values)
        .to include(due_on: Date.new(2026, 12, 24), note: "by hand")
      expect(form(due_on: "").values).to include(due_on: nil)
    end

    it "refuses no name, no date, and a date out of all reason" do
      expect(form(title: " ").error(:title)).to match(/Give the job a name/)
      expect(form(due_on: "soon").error(:due_on)).to match(/“soon” is not a date/)
      expect(form(due_on: "2026-02-30").error(:due_on)).to match(/is not a date/)
      expect(form(due_on: "9999-01-01").error(:due_on)).to match(/too far away/)
      expect(form(title: "x" * 121).error(:title)).to match(/longer than 120 letters/)
    end
  end

  describe Forms::PieceForm do
    def form(**typed)
      usual = {
        name: "plate",
        shape: "rectangle",
        width_mm: "60",
        height_mm: "40",
        material: "brass",
        finish: "etched",
        colour: "#c9a646",
        count: "3"
      }
      described_class.new(usual.merge(typed).transform_keys(&:to_s))
    end

    it "reads the measures of the chosen shape, and no others" do
      expect(form.values).to include(measures: {width_mm: 60.0, height_mm: 40.0}, count: 3, seen_through: false)
      expect(form(shape: "disc", diameter_mm: "1 in", width_mm: "rubbish").values[:measures]).to eq(diameter_mm: 25.4)
      expect(form(shape: "polygon", sides: "8", flats_mm: "30").values[:measures]).to eq(sides: 8, flats_mm: 30.0)
      expect(form(seen_through: "1").values[:seen_through]).to be true
    end

    it "says what contradicts itself at the measure that does" do
      expect(form(shape: "ring", outer_mm: "30", hole_mm: "31").error(:hole_mm)).to match(/hole is as large/)
      expect(form(shape: "rounded-rectangle", corner_mm: "21").error(:corner_mm)).to match(/rounder than half/)
      expect(form(shape: "polygon", sides: "2.5", flats_mm: "30").error(:sides)).to match(/whole number from 3 to 24/)
      expect(form(shape: "heart").error(:shape)).to match(/Choose one of these/)
      expect(form(count: "501").error(:count)).to match(/from 1 to 500/)
      expect(form(material: "cheese").error(:material)).to be_a(String)
    end
  end

  describe Forms::MethodForm do
    def form(**typed) = described_class.new(typed.transform_keys(&:to_s))

    it "keeps to stocks and schools the method and printer have" do
      decal = {method_key: "water-slide", printer: "inkjet", stock: "white-film", "pick_water-slide_pace": "long"}
      expect(form(**decal).values)
        .to include(stock: "white-film", picked: {edge: :close, pace: :long, seal_print: :coats})
      expect(form(method_key: "ink-offset", printer: "inkjet", stock: "white-film").values)
        .to include(stock: "label-backing", picked: {})
      expect(form(method_key: "water-slide", printer: "laser", "pick_water-slide_edge": "torn").values[:picked][:edge])
        .to eq :border
    end

    it "asks for what is missing" do
      expect(form(printer: "laser").errors.keys).to eq [:method_key]
      expect(form(method_key: "solvent-rub", printer: "plotter").errors.keys).to eq [:printer]
      expect(form(method_key: "solvent-rub", printer: "laser", reading: "sideways").errors.keys).to eq [:reading]
    end
  end

  describe Forms::PlaceForm, :shop do
    let(:mark) { ready_mark }

    def form(typed) = described_class.new(typed, mark: mark, writer: writer)

    def shown = described_class.fields(mark, writer)

    it "changes nothing when nothing was changed, to the last digit" do
      mark.update!(width_mm: 30.123456789, x_mm: 1.0 / 3, turn_deg: 12.34567)
      expect(form(shown).placement).to eq mark.placement
    end

    it "takes height, or a distance either way, in any unit" do
      expect(form("height" => "10").placement.width_mm).to be_within(1e-9).of(20)
      expect(form("x" => "−1/2\"", "y" => "+3").placement)
        .to have_attributes(x_mm: be_within(1e-9).of(-12.7), y_mm: 3.0)
      expect(form("x" => "0", "clearance" => "0").values).to include(x_mm: 0.0, clearance_mm: 0.0)
    end

    it "brings turns into one round, and reads them with their sign" do
      expect(["90", "-45°", "370", "180", "12,5"].map { |t| form("turn" => t).placement.turn_deg })
        .to eq [90, -45, 10, -180, 12.5]
    end

    it "refuses a height that would make it absurdly wide" do
      expect(form("height" => "1999").error(:height)).to match(/3998 mm wide; 2000 is the most/)
      expect(form("height" => "1999").placement).to be_nil
    end
  end

  describe Forms::AttemptForm do
    it "wants a result, and keeps only faults it knows" do
      expect(described_class.new({}).error(:result)).to match(/good, usable or spoilt/)
      expect(described_class.new({"result" => "good", "faults" => ["haze", "<b>"]}).values)
        .to include(result: "good", faults: ["haze"])
    end
  end
end
