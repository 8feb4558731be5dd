# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../../config/opening"
require "open3"
require "tmpdir"

RSpec.describe Shelves::ShopRestore, :shop do
  around { |example| Dir.mktmpdir { |folder| @folder = folder and example.run } }

  let(:known) { Dir[File.join(Settings::ROOT, "db/migrate/*.rb")].map { |file| File.basename(file)[/\A\d+/] } }
  # a backup of a real shop with an artwork and a run, made once
  let(:zip) do
    whole = self.class.metadata[:whole] ||= begin
      ready_mark.then { |mark| Actions::RunMarks.start(mark, Time.now) }
      File.binread(Shelves::ShopBackup.new(Settings.home).call(Time.now, to: @folder))
    end
    File.join(@folder, "whole.zip").tap { |path| File.binwrite(path, whole) }
  end
  let(:home) { File.join(@folder, "new", "shop") }

  def restore(from = zip, to: home, **more) = described_class.new(from, to, known: known, **more).call(Time.now)

  def beside = Dir[File.join(@folder, "new", "*")] - [home]

  # what a backup holds, name by name
  def parts = @parts ||= Zip::File.open(zip) { |opened| opened.entries.to_h { |e| [e.name, e.get_input_stream.read] } }

  def put_together(files, listed: files.keys, as: nil)
    about = files.slice(*listed).transform_values do |bytes|
      {"bytes" => bytes.bytesize, "sha256" => Digest::SHA256.hexdigest(bytes)}
    end
    manifest = JSON.generate(as || {"format" => 1, "files" => about})
    File.join(@folder, "made-#{@made = @made.to_i + 1}.zip").tap do |path|
      Zip::OutputStream.open(path) do |out|
        files.merge("manifest.json" => manifest).each { |name, bytes| out.put_next_entry(name) && out.write(bytes) }
      end
    end
  end

  # a name that no well-behaved writer takes
  def renamed(path, from, to)
    File.binwrite(path, File.binread(path).gsub(from.b, to.b))
    path
  end

  def files = parts.except("manifest.json")

  # the same backup with another database
  def with_database
    path = File.join(@folder, "changed.sqlite3")
    File.binwrite(path, files["up_close.sqlite3"])
    SQLite3::Database.new(path) { |db| yield db }
    put_together(files.merge("up_close.sqlite3" => File.binread(path)))
  end

  # the nth of these calls kills the process, as a power cut would
  def killed_at(owner, method, nth)
    SQLite3::ForkSafety.suppress_warnings!
    pid = fork do
      count = 0
      deadly = Module.new do
        define_method(method) do |*given|
          Process.kill(:KILL, Process.pid) if (count += 1) == nth
          super(*given)
        end
      end
      owner.prepend(deadly)
      restore
      exit!(0)
    end
    Process.wait2(pid).last.signaled?
  end

  it "reads a shop back byte for byte, into an empty folder or beside what is there, and it opens" do
    expect(restore).to eq home
    expect(files.reject { |name, bytes| File.binread(File.join(home, name)) == bytes }).to be_empty
    expect(Dir.glob("**/*", File::FNM_DOTMATCH, base: home).reject { |name| File.directory?(File.join(home, name)) })
      .to match_array files.keys
    expect(File.stat(home).mode & 0o777).to eq 0o700
    expect(restore).to start_with "#{home}-restored-"
    opened, status = Open3.capture2e({"UP_CLOSE_HOME" => home}, RbConfig.ruby, "bin/doctor", chdir: Settings::ROOT)
    expect([opened, status.exitstatus]).to match [/is in order/, 0]
  end

  it "leaves an empty folder or a whole shop wherever it is killed, and what lay beside is swept at the next start" do
    FileUtils.mkdir_p(home)
    shop = Shelves::UnpackedShop
    places = [[described_class, :take_out, files.size], [shop, :check!, 1], [described_class, :sync, 2]]
    places.each do |owner, method, times|
      (1..times).each do |nth|
        expect(killed_at(owner, method, nth)).to be(true), "#{method} #{nth}"
        expect([Dir.children(home), beside.size]).to eq([[], 1]), "#{method} #{nth}"
        allow(Settings).to receive(:home).and_return(home)
        Opening.sweep
        expect(beside).to be_empty
      end
    end
    expect(killed_at(described_class, :take_out, files.size + 1)).to be false
    expect(Dir.children(home)).to include "up_close.sqlite3"
  end

  it "sweeps nothing of a restore that goes on" do
    going_on = "#{home}#{described_class::UNFINISHED}ab12"
    FileUtils.mkdir_p(going_on)
    lock = File.open(File.join(going_on, described_class::LOCK), "w")
    lock.flock(File::LOCK_EX)
    described_class.sweep(home)
    expect(File.exist?(going_on)).to be true
    lock.close
    described_class.sweep(home)
    expect(File.exist?(going_on)).to be false
  end

  it "refuses what is hostile, foreign, newer or not whole in a sentence, and leaves nothing" do
    name = files.keys.find { |file| file.start_with?("originals") }
    hostile = {
      put_together(files.merge("../outside" => "x")) => /points outside/,
      renamed(put_together(files.merge("xetc/outside" => "x")), "xetc/outside", "/etc/outside") => /points outside/,
      put_together(files.merge("a\\..\\b" => "x")) => /points outside/,
      put_together(files.merge("session.secret" => "mine")) => /holds session.secret, which no backup does/,
      put_together(files.merge("backups/x.zip" => "x")) => /which no backup does/,
      put_together(files, as: {"format" => 2, "files" => {}}) => /newer Up Close/,
      put_together(files, as: {"files" => {"up_close.sqlite3" => {"bytes" => "many"}}}) => /list of files cannot be/,
      put_together(files.except("up_close.sqlite3")) => /holds no database/,
      put_together(files.merge("up_close.sqlite3" => "no database")) => /database (cannot be read|is damaged)/,
      put_together(files, listed: files.keys - [name]) => /which its list does not name/,
      put_together({"up_close.sqlite3" => "x", "zeros" => "0" * 130_000_000}) => /would unpack to 13\d MB from 1/,
      with_database { |db| db.execute("DROP TABLE pieces") } => /no shop of Up Close: it has no pieces/,
      with_database { |db| db.execute("INSERT INTO schema_migrations VALUES ('20991231000001')") } => /newer Up Close/,
      with_database { |db| db.execute("INSERT INTO schema_migrations VALUES ('20200101000001')") } => /another program/,
      with_database { |db| db.execute("CREATE VIEW marks2 AS SELECT 1") } => /none of Up Close's/,
      with_database { |db|
        db.execute("CREATE TRIGGER evil AFTER UPDATE ON jobs BEGIN DELETE FROM marks; END")
      } => /none of Up Close's/
    }
    hostile.each do |path, words|
      expect { restore(path) }.to raise_error(Shelves::BackupFile::Broken, words)
      expect([File.exist?(home), beside, File.exist?(File.join(@folder, "outside"))]).to eq [false, [], false]
    end
  end

  it "refuses a link, and a bomb by its directory alone, before anything is inflated" do
    link = put_together(files.merge("link" => "/etc/passwd"))
    bytes = File.binread(link)
    at = bytes.rindex("link".b, bytes.rindex("PK\x05\x06".b)) - 46
    bytes[at + 5], bytes[at + 38, 4] = "\x03", [0o120777 << 16].pack("V")
    File.binwrite(link, bytes)
    expect { restore(link) }.to raise_error(Shelves::BackupFile::Broken, /“link” is a link/)
    bomb = put_together({"up_close.sqlite3" => "x", "zeros" => "0" * 130_000_000})
    allow(Zlib::Inflate).to receive(:new).and_raise("inflated")
    expect { restore(bomb) }.to raise_error(Shelves::BackupFile::Broken, /would unpack to/)
  end

  it "takes a shop with originals or rows missing only when that is asked for, as its refusal says" do
    name = files.keys.find { |file| file.start_with?("originals") }
    lacking = put_together(files.except(name))
    expect { restore(lacking) }.to raise_error(Shelves::BackupFile::Broken, /1 of its originals are missing.*--faulty/)
    expect(restore(lacking, faulty: true)).to eq home
    FileUtils.rm_rf(home)
    orphaned = with_database { |db| db.execute("DELETE FROM pieces") }
    expect { restore(orphaned) }.to raise_error(Shelves::BackupFile::Broken, /belong to rows that are not there/)
    here = {"UP_CLOSE_HOME" => home}
    said, status = Open3.capture2e(here, "bin/restore", "--faulty", orphaned, chdir: Settings::ROOT)
    expect([said, status.exitstatus]).to match [/The shop is in/, 0]
  end

  it "reads or refuses in a sentence whatever became of its file", slow: true do
    whole = File.binread(zip)
    random = Random.new(7)
    400.times do
      harmed = whole.dup
      random.rand(1..4).times { harmed.setbyte(random.rand(harmed.bytesize), random.rand(256)) }
      harmed = harmed[0, random.rand(harmed.bytesize)] if random.rand(4).zero?
      File.binwrite(path = File.join(@folder, "harmed.zip"), harmed)
      FileUtils.rm_rf(home)
      restore(path)
    rescue Shelves::BackupFile::Broken => error
      expect([error.message, File.exist?(home), beside]).to match [/\.\z/, false, []]
    end
  end
end
