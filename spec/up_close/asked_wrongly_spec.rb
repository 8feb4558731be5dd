# frozen_string_literal: true

require "json"

# What programs ask for: each request that is wrong in one place is refused in words, at that place, with the way out.
RSpec.describe "requests that are wrong in one place" do
  # @return [Hash] the same with one place changed
  def changed(data, path, value)
    copy = JSON.parse(data.to_json)
    *before, last = path
    before.empty? ? copy[last] = value : copy.dig(*before)[last] = value
    copy
  end

  # every place of it in turn, with what nobody means
  def every_place(data, path = [], &block)
    block.call(path) if path.any?
    inside = case data
    when Hash then data.keys
    when Array then data.each_index.to_a
    else []
    end
    inside.each { |key| every_place(data[key], path + [key], &block) }
  end

  let(:junk) { [nil, true, -1, 0, 0.5, 1e300, "", "x", [], [[]], [nil], {}, {"x" => 1}] }

  # @yield each request  @return [Array<String>] what was answered with a mistake of ours
  def mistakes(right, values: junk)
    found = []
    every_place(right) do |path|
      values.each do |value|
        yield changed(right, path, value)
      rescue UpClose::Error
        next
      rescue => error
        found << "#{path.join(".")} = #{value.inspect}: #{error.class}: #{error.message.lines.first.strip[0, 80]} " \
          "#{error.backtrace.first.split("/").last}"
      end
    end
    found
  end

  describe UpClose::Diagnosis::Request do
    right = {
      "method" => "solvent-rub", "printer" => "laser", "faults" => ["missing spots"], "passes" => {"rub" => [2, 3]},
      "times" => [{"step" => "rub", "after_s" => 120, "latest_s" => 60}], "seen" => {}, "schools" => {}
    }.freeze

    it "reads the one that is right" do
      right_now = right.merge("faults" => [UpClose::Record::FAULTS.keys.first])
      facts, found = described_class.read(right_now.merge("found" => {"too-hot" => 2, "moonlight" => 4, "late" => -1}))
      expect(facts.choice).to have_attributes(transfer_method: UpClose::Methods.fetch("solvent-rub"), printer: :laser)
      expect(found).to eq("too-hot" => 2)
    end

    {
      ["printer"] => ["inkjet", /Solvent rub is not printed by “inkjet”/, :printer],
      ["method"] => ["moonlight", /no method called “moonlight”/, :method],
      ["faults"] => [["moonlight"], /“moonlight” is none of the faults/, :faults],
      ["places"] => [["moonlight"], /“moonlight” is none of the places/, :places],
      ["times"] => ["soon", /times are no list/, :times],
      ["passes"] => [{"rub" => [2, -3]}, /two whole numbers/, :passes],
      ["answers"] => [{"moonlight" => "yes"}, /Nobody asks “moonlight”/, :answers],
      ["seen"] => [{"moonlight" => 1}, /“moonlight” is nothing that a photo tells/, :seen],
      ["schools"] => ["all", /“schools” is no object/, :schools],
      ["temperature_c"] => [4000, /“4000” is no temperature c/, :temperature_c]
    }.each do |path, (value, reason, field)|
      it "refuses #{path.join(".")}: #{value.inspect}" do
        asked = changed(right.merge("faults" => []), path, value)
        expect { described_class.read(asked) }.to refuse_saying(reason, at: field)
      end
    end

    it "answers whatever stands in one of its places with facts or a sentence" do
      expect(mistakes(right.merge("faults" => [])) { |asked| described_class.read(asked) }.join("\n")).to eq ""
    end

    it "refuses what is no object, a time that is no number, and a school that there is not" do
      expect { described_class.read([]) }.to refuse_saying(/no object/, at: :facts)
      soon = changed(right.merge("faults" => []), ["times", 0, "after_s"], "soon")
      expect { described_class.read(soon) }.to refuse_saying(/“after_s” of a step is no number of seconds/, at: :times)
      method = UpClose::Methods.all.find { |known| known.choices.any? && known.printers.include?(:laser) }
      school = {"method" => method.key, "printer" => "laser", "schools" => {method.choices.first.key => "moonlight"}}
      expect { described_class.read(JSON.parse(school.to_json)) }
        .to refuse_saying(/“moonlight” is no way of #{method.choices.first.key}/, at: :schools)
    end
  end

  describe UpClose::Sheets::Nesting::Request do
    right = {
      "parts" => [{"id" => "a", "count" => 2, "outline" => [[0, 0], [10, 0], [10, 10], [0, 10]]}],
      "fresh" => {"width_mm" => 210, "height_mm" => 297}, "gap_mm" => 2, "turns_deg" => [0, 90]
    }.freeze

    it "answers whatever stands in one of its places with a layout or a sentence" do
      full = right.merge("leftovers" => [{"id" => 3, "width_mm" => 100, "height_mm" => 80, "used" => [
        [[0, 0], [20, 0], [20, 20]]
      ]}])
      expect(mistakes(full) { |asked| described_class.new(asked) }.join("\n")).to eq ""
    end

    it "reads the one that is right, each part with the turns of all where it has none" do
      asked = described_class.new(right)
      expect([asked.parts.first.count, asked.parts.first.turns, asked.effort, asked.seed]).to eq [2, [0, 90], "good", 1]
    end

    {
      ["parts"] => [[], /“parts” is missing or too long/, :parts],
      ["parts", 0] => ["square", /A part is no object/, :parts],
      ["parts", 0, "outline"] => ["square", /A part is no object/, :parts],
      ["turns_deg"] => [Array.new(73, 5), /“turns_deg” is missing or too long/, :turns_deg],
      ["gap_mm"] => [-1, /“gap_mm” is -1/, :gap_mm],
      ["frame_mm"] => ["wide", /“frame_mm” is "wide"/, :frame_mm],
      ["seed"] => [0.5, /“seed” is 0.5/, :seed],
      ["fresh"] => [nil, /no sheet to lay them on/, :fresh],
      ["leftovers"] => [[5], /A sheet is no object/, :leftovers]
    }.each do |path, (value, reason, field)|
      it "refuses #{path.join(".")}: #{value.inspect[0, 30]}" do
        expect { described_class.new(changed(right, path, value)) }.to refuse_saying(reason, at: field)
      end
    end
  end

  describe UpClose::Timetable::Request do
    zone = Struct.new(:name) do
      def at(date, minutes) = Time.utc(date.year, date.month, date.day).to_i + minutes * 60

      def date_of(moment) = Time.at(moment).utc.to_date
    end.new("UTC")
    right = {
      "from" => "2026-12-14T09:00:00Z", "hours" => {"mon" => ["19:00-22:00"]},
      "marks" => [{"method" => "solvent-rub", "printer" => "laser", "copies" => 2}]
    }.freeze

    it "answers whatever stands in one of its places with a plan's chains or a sentence" do
      step = {"key" => "lay", "title" => "Lay it", "kind" => "hands", "minutes" => 2, "after" => "print"}
      own = {"title" => "own", "steps" => [step.merge("earliest_min" => 1, "latest_min" => 9)]}
      begun = right["marks"].first.merge("done" => {"print" => "2026-12-14T08:00:00Z"})
      full = right.merge(
        "days_off" => ["2026-12-24"], "room" => {"temperature_c" => 18, "humidity" => 50}, "holds" => {"oven" => 6},
        "marks" => [*right["marks"], own.merge("due" => "2026-12-20T09:00:00Z"), begun]
      )
      expect(mistakes(full) { |asked| described_class.new(asked, zone: zone) }.join("\n")).to eq ""
    end

    it "reads the one that is right" do
      asked = described_class.new(right, zone: zone)
      expect(asked.chains.map { |chain| [chain.id, chain.title, chain.copies] }).to eq [[1, "mark 1", 2]]
    end

    {
      ["from"] => ["tomorrow", /“tomorrow” is no moment/, :from],
      ["hours"] => [nil, /“hours” is missing/, :hours],
      ["hours", "mon"] => [["7 to 9"], /“7 to 9” does not read as hours/, :hours],
      ["days_off"] => [["Christmas"], /“Christmas” is no date/, :days_off],
      ["marks"] => [[], /“marks” is missing or too long/, :marks],
      ["marks", 0] => ["a mark", /Mark 1 is no object/, :marks],
      ["marks", 0, "method"] => ["moonlight", /no method called “moonlight”/, :method],
      ["marks", 0, "due"] => ["soon", /“soon” is no moment/, :due]
    }.each do |path, (value, reason, field)|
      it "refuses #{path.join(".")}: #{value.inspect}" do
        expect { described_class.new(changed(right, path, value), zone: zone) }.to refuse_saying(reason, at: field)
      end
    end

    it "refuses a day of the week that there is not, and what is no object" do
      evening = right.merge("hours" => {"Monday" => ["19:00-22:00"]})
      expect { described_class.new(evening, zone: zone) }.not_to raise_error
      expect { described_class.new(right.merge("hours" => {"someday" => []}), zone: zone) }
        .to refuse_saying(/“someday” is no day/, at: :hours)
      expect { described_class.new("now", zone: zone) }.to refuse_saying(/no object/, at: :request)
    end
  end

  describe UpClose::MarkRequest do
    right = {
      "piece" => {
        "shape" => "rectangle", "width_mm" => 100, "height_mm" => 80, "material" => "wood", "finish" => "sanded",
        "colour" => "#ecd9b0", "use" => ["exact"], "grit" => 240
      },
      "method" => "solvent-rub", "printer" => "laser", "stock" => "letter-paper", "width_mm" => 6, "prints" => 2,
      "pieces" => 2, "at" => {"right_mm" => 3, "down_mm" => -2, "turn_deg" => 10}, "clearance_mm" => 2,
      "schools" => {}, "sealer" => "spray-acrylic", "coats" => 2, "room" => {"temperature_c" => 18, "humidity" => 40},
      "paper" => "a5", "hour_cents" => 1500, "record" => {"good" => 3, "tried" => 4}, "purpose" => "picture",
      "cover" => {"edge_mm" => 1, "picture_mm" => 120, "seam" => "butt"}, "cut" => {"line" => "ink", "around_mm" => 1}
    }.freeze

    it "answers whatever stands in one of its places with the mark or a sentence" do
      drawing = opened(svg('<rect width="40" height="20"/>'))
      told = mistakes(right, values: [nil, -1, "x", [nil], {"x" => 1}]) do |asked|
        request = described_class.new(asked, artwork: drawing)
        [request.subject.limits, request.cut_figures, request.cover]
        request.planned
      end
      expect(told.join("\n")).to eq ""
    end
  end
end
