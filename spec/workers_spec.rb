# frozen_string_literal: true

require "workers"
require "shelves/drawn_artwork"
require "shelves/sheet_search"

RSpec.describe Workers do
  pool = described_class::Pool.new(size: 2)

  after(:all) { pool.close }

  define_method(:work) do |receiver, verb, *arguments, **limits, &told|
    pool.call(receiver, verb, *arguments, limits: Workers::Limits.new(**limits), &told)
  end

  it "does a piece of work in a process of its own, and leaves nothing of it for the next" do
    first, second = Array.new(2) { work(Process, :pid) }
    expect([first, second, Process.pid].uniq.size).to eq 3
    work(Object, :const_set, :LEFT_BEHIND, 1)
    expect(work(Object, :const_defined?, :LEFT_BEHIND)).to be false
    expect(work("wren", :center, 9)).to eq "  wren   "
  end

  it "kills what takes too long, too much CPU before it draws, or too much memory, and says which" do
    expect { work(Kernel, :sleep, 30, wall_s: 0.4) }.to raise_error(UpClose::Errors::TooMuch, /longer than 0 seconds/)
    # asleep, it uses none of its seconds of computing
    expect(work(Kernel, :sleep, 1, cpu_s: 0.3, reading_cpu_s: 0.3)).to eq 1
    expect { work(1..(10**10), :inject, :^, reading_cpu_s: 0.4) }
      .to raise_error(UpClose::Errors::TooMuch, /longer than 0 seconds of computing to read/)
    expect { work(Array, :new, 60_000_000, 1.5, memory_bytes: 250_000_000) }
      .to raise_error(UpClose::Errors::TooMuch, /more than 250 MB/)
    # the slots are there again
    expect(Array.new(4) { work(Process, :pid) }.uniq.size).to eq 4
  end

  it "outlives what dies of itself, and an answer that cannot be sent" do
    expect { work(Process, :exit!, 3) }.to raise_error(UpClose::Errors::TooMuch, /stopped with an error/)
    expect { work(Process, :kill, :KILL, 0) }.to raise_error(UpClose::Errors::TooMuch, /stopped with an error/)
    expect { work(Mutex, :new) }.to raise_error(UpClose::Error)
    expect(work(Process, :pid)).to be_positive
  end

  it "hands on a refusal as it was said, what caused it left behind, and says of anything else that it " \
    "cannot be read" do
    original = Shelves::ArtworkSource::Original.new(Dir.mktmpdir, Dir.mktmpdir, "0" * 64, {})
    expect { work(original, :facts) }.to raise_error(UpClose::Errors::MissingOriginal, /is missing/)
    expect { work(original, :unheard_of) }.to raise_error(UpClose::Errors::BadArtwork, /cannot be read/)
    expect { work(UpClose::Formats::CsvTable, :call, "") }.to raise_error(UpClose::Errors::BadArtwork) { |error|
      expect([error.remedy, error.field, error.cause]).to eq ["Give it one row or more.", :file, nil]
    }
  end

  it "is stopped by whoever waits, while it works and while it stands in line" do
    told = []
    expect { work(Kernel, :sleep, 30) { |doing, seconds| (told << [doing, seconds]).size < 5 } }
      .to raise_error(UpClose::Errors::Stopped)
    expect(told.map(&:first).uniq).to eq ["reading"]
    busy = Array.new(2) { Thread.new { work(Kernel, :sleep, 1) } }
    sleep 0.2
    expect { work(Process, :pid) { |doing, _| !doing.start_with?("in line") } }.to raise_error(UpClose::Errors::Stopped)
    expect(busy.map(&:value)).to all be >= 1
  end

  it "stands in one line, told how many come first, served in the order of coming, and sends away who comes too many" do
    line = Workers::Line.new([:one], most: 3)
    said, served = Hash.new { |all, who| all[who] = [] }, []
    began, gate = Queue.new, Queue.new
    busy = Thread.new { line.with(->(*) { true }) { (began << true) && gate.pop } }
    began.pop
    three = %w[anna bert cleo].map do |who|
      Thread.new { line.with(->(words, *) { said[who] |= [words] }) { served << who } }
        .tap { sleep 0.01 until said.key?(who) }
    end
    expect { line.with(->(*) { true }) { served << "dora" } }.to raise_error(UpClose::Errors::TooMuch, /at once/)
    gate << true
    [busy, *three].each(&:join)
    expect(served).to eq %w[anna bert cleo]
    expect(said.values_at("anna", "cleo")).to match [["in line, yours is next"], start_with("in line, 2 before yours")]
  end

  it "lets what says how far it is end early, with what it has come to" do
    hook = [[0, 0], [40, 0], [40, 9], [9, 9], [9, 30], [0, 30]]
    parts = {hook => 12, hook.map(&:reverse) => 9}.map.with_index do |(outline, count), i|
      UpClose::Sheets::Nesting::Part.new(id: i, outline: outline, count: count, turns: [0, 90])
    end
    sheet = UpClose::Sheets::Nesting::Blank.new(width_mm: 216, height_mm: 280)
    room = UpClose::Sheets::Nesting::CellRules.new(gap_mm: 2, frame_mm: 8)
    search = UpClose::Sheets::Nesting::Search.new(parts, leftovers: [], fresh: sheet, room: room, effort: "stretch")
    shares = []
    search = Shelves::SheetSearch.new(search)
    layout = work(search, :call, cpu_s: 60) { |_, _, share| (shares << share).compact.size < 4 }
    expect(layout.sheets.flat_map(&:placements).size).to eq 21
    expect([shares.compact.max, shares.compact.sort]).to match [be < 0.9, shares.compact]
  end

  it "answers sixteen at once, each its own" do
    expect(Array.new(16) { |i| Thread.new { work(i, :+, 100) } }.map(&:value)).to eq (100..115).to_a
  end
end
