# frozen_string_literal: true

require "json"
require "optparse"
require "stringio"
require "tmpdir"
require "command_line/output"
require "command_line/runner"

PRINT_OPTIONS = %w[--width 20mm --method ink-offset --printer inkjet].freeze
# every verb that writes: what it is given, where it writes, and files that it reads
WRITING_VERBS = {
  "print" => [["in.svg", *PRINT_OPTIONS], "--out", "in.svg"],
  "outline" => [%w[in.svg --width 20mm --around 1mm], "--out", "in.svg"],
  "template" => [%w[in.svg --width 60mm --material card], "--out", "in.svg"],
  "unroll" => [%w[--stations in.csv --bleed 1], "--out", "in.csv"],
  "strap" => [%w[--cylinder 60,90 --down 10mm --mark 20x10], "--out", nil],
  "coupon" => [%w[--printer laser --method heat-resist], "--out", nil],
  "board" => [Dir[File.expand_path("../db/demo/art/lamp-flasher/*", __dir__)], "--out", nil],
  "plan" => [%w[plan.json], "--ics", "plan.json"]
}.freeze
WRITTEN_ELSEWHERE = {
  "unroll" => "there.svg", "strap" => "there.pdf", "coupon" => "there.pdf", "plan" => "there.ics"
}.freeze

RSpec.describe CommandLine::Output, :measured do
  around { |example| Dir.mktmpdir { |dir| Dir.chdir(dir) { example.run } } }

  def up_close(*arguments)
    out, err = StringIO.new, StringIO.new
    [CommandLine::Runner.call(arguments, out: out, err: err), err.string]
  end

  before do
    File.write("in.svg", svg('<path d="M0 0h40v40h-40z"/>'))
    File.write("in.csv", "0,0\n20,60\n50,80\n")
    File.write("plan.json", JSON.generate(
      from: "2026-11-30T18:00:00Z", zone: "Etc/UTC", hours: {mon: ["19:00-22:00"]},
      marks: [{id: 1, steps: [{key: "sand", minutes: 30}]}]
    ))
  end

  it "knows every verb that writes" do
    writing = CommandLine::Runner::VERBS.keys.select do |verb|
      file = File.expand_path("../lib/command_line/#{verb.tr("-", "_")}_verb.rb", __dir__)
      File.read(file).match?(/:output\]\.write|--out|--ics/)
    end
    expect(writing).to match_array WRITING_VERBS.keys
  end

  WRITING_VERBS.each do |verb, (arguments, option, read)|
    it "keeps #{verb} from writing over what it reads, and over anything without --force" do
      whole = File.binread(read || "in.svg")
      File.symlink(read || "in.svg", "link.svg")
      File.link(read || "in.svg", "hard.svg")
      [read, "./#{read}", File.expand_path(read.to_s), "link.svg", "hard.svg"].each do |path|
        next unless read # it reads none
        code, said = up_close(verb, *arguments, option, path, "--force")
        expect([code, said, File.binread(read)]).to match [1, /never written over/, whole]
      end
      there = WRITTEN_ELSEWHERE.fetch(verb, "there.svg")
      next if verb == "board"
      File.write(there, "the maker's own")
      expect(up_close(verb, *arguments, option, there)).to match [1, /is there already; .*--force/]
      expect(File.read(there)).to eq "the maker's own"
      expect([up_close(verb, *arguments, option, there, "--force"), File.read(there) == "the maker's own"])
        .to eq [[0, ""], false]
    end
  end

  it "keeps board files in a folder from being written over" do
    files = WRITING_VERBS.fetch("board").first
    expect([up_close("board", *files, "--out", "plate"), Dir["plate/*"].size]).to match [[0, ""], be > 3]
    expect(up_close("board", *files, "--out", "plate")).to match [1, /is there already/]
    expect(up_close("board", *files, "--out", "plate", "--force")).to eq [0, ""]
    FileUtils.cp(files, "plate")
    own = Dir["plate/*"].select { |file| files.any? { |given| File.basename(given) == File.basename(file) } }
    before = own.map { |file| File.binread(file) }
    up_close("board", *own, "--out", "plate", "--force")
    expect(own.map { |file| File.binread(file) }).to eq before
  end
end
