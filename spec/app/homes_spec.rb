# frozen_string_literal: true

require "json"
require "open3"
require "sqlite3"
require "tmpdir"
require "zip"

EARLIER_HOMES = Dir[File.join(__dir__, "../fixtures/homes/*.zip")].sort

# A small home of every release, as that release left it: the newest opens each.
RSpec.describe "a home of an earlier release" do
  def unpacked(zip, home)
    Zip::File.open(zip) do |file|
      file.each do |entry|
        path = File.join(home, entry.name)
        FileUtils.mkdir_p(File.dirname(path))
        next unless entry.file?
        File.binwrite(path, entry.get_input_stream.read)
        File.chmod(0o600, path)
      end
    end
  end

  # as a program that looks into databases may leave it: with statistics in tables of their own
  def counts(home)
    database = SQLite3::Database.new(File.join(home, "up_close.sqlite3"))
    database.execute("ANALYZE")
    %w[jobs pieces marks artworks attempts].map { |table| database.get_first_value("SELECT count(*) FROM #{table}") }
  ensure
    database&.close
  end

  it "is there for each release that is told of" do
    told = File.read(File.join(__dir__, "../../CHANGELOG.md")).scan(/^## (\d+\.\d+\.\d+)/).flatten
    expect(EARLIER_HOMES.map { |path| File.basename(path, ".zip") }).to include(*told)
  end

  EARLIER_HOMES.each do |zip|
    it "is opened by this one, whole, with a copy of what it was: #{File.basename(zip, ".zip")}" do
      Dir.mktmpdir do |home|
        unpacked(zip, home)
        before = counts(home)
        told, words, status = Open3.capture3({"UP_CLOSE_HOME" => home, "APP_ENV" => "test"}, "ruby",
          File.expand_path("../scripts/open_home.rb", __dir__))
        expect(status).to be_success, words
        told = JSON.parse(told)
        expect([told["wrong"], told["shop"].values, told["copies"]]).to eq [{}, before, 1]
        expect(told["complaints"]).to be_empty
      end
    end
  end
end
