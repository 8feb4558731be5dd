# frozen_string_literal: true

require "json"
require "shellwords"
require "stringio"
require "tmpdir"
require "command_line/runner"

# What README and docs tell a reader to type does what they say, with the requests that docs show.
RSpec.describe "the commands that README shows" do
  root = File.expand_path("..", __dir__)
  shown = File.readlines(File.join(root, "README.md")).grep(/\A    bin\/up-close /).map(&:strip)
  # photographs and scans: their own specs make them
  pictured = %w[calibrate remaining coupon-read outcome]

  around { |example| Dir.mktmpdir { |dir| Dir.chdir(dir) { example.run } } }

  # the first JSON object that a page of docs shows
  def example(page)
    text = File.read(File.join(File.expand_path("..", __dir__), "docs", page))
    JSON.parse(text[/```json\n(.*?)```/m, 1] || text[/^    \{.*?^    \}$/m])
  end

  before do
    %w[rose herring badge].each do |name|
      File.write("#{name}.svg", svg('<path d="M2 5h60v30h-60z" fill="none" stroke="#000" stroke-width="2"/>'))
    end
    {"layout.json" => "nesting.md", "week.json" => "plan.md", "request.json" => "mark.md"}
      .each { |file, page| File.write(file, JSON.generate(example(page))) }
    facts = {"method" => "solvent-rub", "printer" => "laser", "faults" => ["missing-spots"]}
    File.write("facts.json", JSON.generate(facts))
    board = File.expand_path("../db/demo/art/lamp-flasher", __dir__)
    FileUtils.cp(Dir["#{board}/*"], ".")
  end

  shown.each do |line|
    verb = line.split[1]
    next if pictured.include?(verb)
    it "runs #{line}" do
      call = line.delete_prefix("bin/up-close ").sub("FILES|board.zip", "*.g* *.drl")
      words = Shellwords.split(call).flat_map { |word| word.include?("*") ? Dir[word].sort : [word] }
      out, err = StringIO.new, StringIO.new
      code = CommandLine::Runner.call(words, out: out, err: err)
      expect([code, err.string]).to eq [0, ""]
      expect(JSON.parse(out.string)).not_to be_empty
      written = line[/--(?:out|ics) (\S+)/, 1]
      expect(Dir[written ? "#{written}*" : "*"]).not_to be_empty
    end
  end

  it "names every verb there is, and no other" do
    expect(shown.map { |line| line.split[1] }.uniq).to match_array CommandLine::Runner::VERBS.keys
  end
end
