# frozen_string_literal: true

require_relative "../shop_helper"
require "open3"
require "tmpdir"

RSpec.describe "a shop that can be trusted", :shop do
  describe Shelves::ShopBackup do
    around { |example| Dir.mktmpdir { |folder| @folder = folder and example.run } }

    # a home of its own, since the specs' own database lies elsewhere
    def home
      @home ||= File.join(@folder, "shop").tap do |home|
        FileUtils.mkdir_p(File.join(home, "originals", "ab"))
        File.binwrite(File.join(home, "originals", "ab", "original"), "\x00\xffbytes" * 1000)
        File.write(File.join(home, "session.secret"), "mine alone")
        database = SQLite3::Database.new(File.join(home, "up_close.sqlite3"))
        database.execute("CREATE TABLE jobs (id INTEGER PRIMARY KEY, title TEXT)")
        200.times { |i| database.execute("INSERT INTO jobs (title) VALUES (?)", ["job #{i}" * 50]) }
        database.close
      end
    end

    def changed(zip)
      copy = File.join(@folder, "changed-#{@changed = @changed.to_i + 1}.zip")
      FileUtils.cp(zip, copy)
      Zip::File.open(copy) { |opened| yield opened }
      copy
    end

    def put(zip, name, words) = zip.get_output_stream(name) { |io| io.write(words) }

    it "takes the whole shop while it is written to, and reads it back" do
      path = File.join(home, "up_close.sqlite3")
      writing = Thread.new do
        other = SQLite3::Database.new(path)
        50.times { |i| other.execute("INSERT INTO jobs (title) VALUES (?)", ["beside #{i}"]) && sleep(0.002) }
        other.close
      end
      zip = described_class.new(home).call(Time.now)
      writing.join
      expect(File.stat(zip).mode & 0o777).to eq 0o600
      Zip::File.open(zip) do |opened|
        File.binwrite(copy = File.join(@folder, "copy.sqlite3"), opened.read("up_close.sqlite3"))
        database = SQLite3::Database.new(copy)
        expect(database.execute("SELECT count(*) FROM jobs").flatten.first).to be >= 200
        expect(opened.read("originals/ab/original")).to eq "\x00\xffbytes".b * 1000
        expect(opened.find_entry("session.secret")).to be_nil
      end
    end

    it "uses no backup that is damaged or changed" do
      zip = described_class.new(home).call(Time.now)
      {
        changed(zip) { |opened| put(opened, "originals/ab/original", "other") } => /another size/,
        changed(zip) { |opened| opened.remove("originals/ab/original") } => /missing from this backup/,
        changed(zip) { |opened| put(opened, "extra", "x") } => /does not name/,
        changed(zip) { |opened| opened.remove("manifest.json") } => /not a whole backup/
      }.each do |broken, words|
        expect { described_class.check!(broken) }.to raise_error(described_class::Broken, words)
      end
      File.write(half = File.join(@folder, "half.zip"), File.binread(zip)[0, 400])
      expect { described_class.check!(half) }.to raise_error(described_class::Broken, /not a whole backup/)
    end

    it "keeps the newest of each day, week and month, and says when the last one was" do
      backup = described_class.new(home)
      days = (0..400).step(9).map { |i| Time.local(2026, 11, 27, 12) - i * 86_400 }
      days.reverse_each { |day| backup.call(day) }
      kept = backup.all.map { |path| File.basename(path)[/\d{4}-\d\d-\d\d/] }
      expect(kept.size).to be_between(12, 24)
      expect(kept.first).to eq "2026-11-27"
      expect(kept.map { |day| day[0, 7] }.uniq.size).to be >= 12
    end
  end

  describe Shelves::Listeners do
    def listener
      mine, theirs = UNIXSocket.pair
      @listeners.add(theirs)
      mine
    end

    after { @listeners&.close }

    it "tells every page what stands and what changes, in one thread, and lets go of those that left" do
      stands = {"all" => 1}
      @listeners = described_class.new(every_s: 0.02) { stands }
      before = Thread.list
      pages = Array.new(40) { listener }
      sleep 0.1
      # others may have ended meanwhile
      expect((Thread.list - before).size).to eq 1
      expect(pages.map { |page| page.read_nonblock(4000) }).to all include("text/event-stream", 'data: {"all":1}')
      stands = {"all" => 2}
      sleep 0.1
      expect(pages.map { |page| page.read_nonblock(4000) }).to all include('data: {"all":2}')
      pages.first(30).each(&:close)
      sleep 0.1
      expect(@listeners.size).to eq 10
    end

    it "tells a page that came while it was looked what changed meanwhile" do
      stands = 1
      coming = Thread.new { Thread.stop || listener }
      @listeners = described_class.new(every_s: 0.01) do
        stands.tap do
          next unless Thread.current == coming
          stands = 2
          sleep 0.1
        end
      end
      early = listener
      Thread.pass until coming.stop?
      late = coming.run.value
      stands = 2
      sleep 0.2
      expect([early, late].map { |page| page.read_nonblock(4000) }).to all include("data: 2")
    end

    # as Puma writes to an encrypted page: it waits until all is taken
    def encrypted(socket)
      socket.tap { |io| io.define_singleton_method(:write_nonblock) { |words, **| write(words) } }
    end

    it "is held up by no page that is stuck, encrypted ones included" do
      number = 0
      @listeners = described_class.new(every_s: 0.001) { {"all" => number += 1, "long" => "x" * 3000} }
      stuck, theirs = UNIXSocket.pair
      @listeners.add(encrypted(theirs))
      reads = listener
      heard = +""
      Timeout.timeout(20) { heard << reads.readpartial(65_536) until heard.include?('{"all":400,') }
      expect(@listeners.size).to eq 2
    ensure
      stuck&.close
    end
  end

  describe "what a page is sent" do
    it "is one text a field, whatever is sent in its place; never our mistake" do
      mark = ready_mark
      get "/marks/#{mark.id}/sheet?largest[]=1&x[a]=b"
      expect(last_response.status).to eq 200
      {
        "/marks/#{mark.id}/sheet" => {"copies" => ["2", "3"], "paper" => {"a" => "a4"}},
        "/marks/#{mark.id}/method" => {"method_key" => ["ink-offset"], "printer" => {"x" => "y"}},
        "/marks/#{mark.id}/place" => {"width" => ["\xff\xfe", "60"], "x" => {"0" => "1"}},
        "/jobs" => {"title" => "caf\xe9 \xff"}, "/print" => {"text" => ["A"], "width" => {"a" => "1"}},
        "/settings" => {"unit" => ["in"], "zone" => {"a" => "b"}},
        "/preferences" => {"name" => ["unit"], "value" => ["in"]}
      }.each do |path, fields|
        send_form path, fields
        expect(last_response.status).to be < 500, path
      end
    end

    it "keeps hours that no page could work with out of the shop, and works with the usual where they got in" do
      expect(Preference.put("timetable", '{"week": 5}')).to be_nil
      send_form "/preferences", "name" => "timetable", "value" => "{}"
      Preference.create!(name: "timetable", value: '{"week": {"1": "late"}')
      mark_with_artwork
      expect(["/", "/timetable"].map { |path| get(path).status }).to eq [200, 200]
    end

    it "carries the same guards, whatever its address" do
      mark = ready_mark
      guards = %w[content-security-policy x-content-type-options referrer-policy cache-control]
      known = {"id" => mark.id, "key" => "ink-offset", "name" => "x", "sheet" => 1, "piece" => 1, "kind" => "svg"}
      paths = Web.routes["GET"].map { |pattern, *| pattern.to_s.gsub(/:(\w+)/) { known.fetch($1, 1).to_s } }.uniq
      missing = paths.reject { |path| path.include?("changes") }.filter_map do |path|
        get path
        bare = guards - last_response.headers.keys
        [path, last_response.status, bare] if bare.any? || last_response.status >= 500
      end
      expect(missing).to be_empty
      posts = Web.routes["POST"].map { |pattern, *| pattern.to_s.gsub(/:(\w+)/) { known.fetch($1, 1).to_s } }.uniq
      taken = posts.reject { |path| post(path, {}) && last_response.status == 403 }
      expect(taken).to be_empty
    end
  end

  describe "opening" do
    # @return [Array(String, Integer)] what was said, and the exit code
    def opened(**env)
      settings = env.transform_keys { |key| "UP_CLOSE_#{key.upcase}" }
      out, status = Open3.capture2e(settings, RbConfig.ruby, "config/serve.rb", chdir: Settings::ROOT)
      [out.strip, status.exitstatus]
    end

    it "says in one sentence what stands in the way, and changes nothing" do
      Dir.mktmpdir do |folder|
        expect(opened(home: folder, port: "abc")).to match [/\AUP_CLOSE_PORT is “abc”\. Set it to a number/, 1]
        expect(opened(home: folder, port: "80000")).to match [/from 1 to 65535/, 1]
        File.write(file = File.join(folder, "file"), "x")
        expect(opened(home: file, port: "4999")).to match [/cannot be written/, 1]
        FileUtils.mkdir_p(damaged = File.join(folder, "damaged"))
        File.write(File.join(damaged, "up_close.sqlite3"), "no database at all, whatever its name says, none")
        expect(opened(home: damaged, port: "4999")).to match [/\AThe shop's database .* is damaged.*bin\/restore/, 1]
        FileUtils.mkdir_p(newer = File.join(folder, "newer"))
        database = SQLite3::Database.new(File.join(newer, "up_close.sqlite3"))
        database.execute("CREATE TABLE schema_migrations (version TEXT)")
        database.execute("INSERT INTO schema_migrations VALUES ('20991231000001')")
        database.close
        expect(opened(home: newer, port: "4999")).to match [/opened by a newer Up Close/, 1]
        File.open(File.join(folder, "serving.lock"), "w").flock(File::LOCK_EX)
        expect(opened(home: folder, port: "4999")).to match [/Another Up Close already serves/, 1]
      end
    end
  end
end
