# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "a job's bundle", :shop do
  let(:emptied) do
    [StepEnd, Coupon, Attempt, Run, LayoutMark, Layout, Mark, Piece, Artwork, Board, Job, OwnSchool]
  end

  # ids by the order of their rows, so that two shops can be compared
  def by_order(data)
    numbers = BundleTables::ALL.keys.to_h do |table|
      [table, data[table].each_with_index.to_h { |row, i| [row["id"], i] }]
    end
    BundleTables.all.to_h do |name, table|
      [name, data[name].map { |row|
        links = table.links.to_h { |column, of| [column, numbers[of][row[column]]] }
        row.merge(links, BundleTables.within(name, row) { |of, id| numbers[of][id] }, "id" => nil)
      }]
    end
  end

  def data_of(job) = JSON.parse(JSON.generate(Actions::BundleJob.new(job, Time.now).data))

  def other_shop
    emptied.each(&:delete_all)
    FileUtils.rm_rf([Settings.originals, Settings.opened])
  end

  def bring(bytes) = send_form("/jobs/bundle", "bundle" => upload(bytes, "fair.zip", "application/zip"))

  def zip(files)
    Zip::OutputStream.write_buffer { |out|
      files.each do |name, bytes|
        out.put_next_entry(name)
        out.write(bytes)
      end
    }.string
  end

  it "is read into another shop whole, twice as one, and every page of it opens there" do
    Storytelling.tell
    job = Job.find_by(title: "Pellow Ness centenary fair")
    bytes = send_form("/jobs/#{job.id}/bundle").body
    before = by_order(data_of(job))
    names = Zip::File.open_buffer(bytes).entries.map(&:name)
    expect(names.grep(/\Adrawings\//).size).to be >= 10
    expect(names).to include("bundle.json", "record.csv")
    other_shop
    expect(bring(bytes).status).to eq(303), page_words
    here = Job.last
    expect(by_order(data_of(here))).to eq before
    expect([bring(bytes)["location"], Job.count]).to match [end_with("/jobs/#{here.id}"), 1]
    # what a page cannot tell at once it says that it is looking at
    allow(Web.settings).to receive(:patience_s).and_return(0.05)
    pages = ["/jobs/#{here.id}", "/timetable", *Run.pluck(:id).map { |id| "/runs/#{id}" }]
    pages += here.marks.zip(%w[place sheet apply record].cycle).map { |mark, stage| "/marks/#{mark.id}/#{stage}" }
    expect(pages.to_h { |path| [path, get(path).status] }.values.uniq - [200, 303]).to be_empty
    # and can be taken back as one thing
    entry = HistoryEntry.order(:id).last
    expect([send_form("/history/#{entry.id}/undo").status, Job.count, Mark.count]).to eq [303, 0, 0]
  end

  it "is refused in a sentence when it is newer, damaged or hostile, and then nothing is taken in" do
    mark = ready_mark
    whole = send_form("/jobs/#{mark.job.id}/bundle").body
    parts = Zip::File.open_buffer(whole).entries.to_h { |entry| [entry.name, entry.get_input_stream.read] }
    data = JSON.parse(parts["bundle.json"])
    original = parts.keys.grep(/originals/).first
    other_shop
    changed = lambda do |**fields|
      zip(parts.merge("bundle.json" => JSON.generate(data.merge(fields.transform_keys(&:to_s)))))
    end
    row = ->(table, **fields) { changed[table => [data[table.to_s].first.merge(fields.transform_keys(&:to_s))]] }
    {
      "not a zip" => /no whole ZIP file/,
      whole[0, whole.size / 2] => /no whole ZIP file|no job's bundle/,
      zip(parts.except("bundle.json")) => /it has no bundle.json/,
      zip(parts.merge("../../evil.rb" => "x")) => /“..\/..\/evil.rb” does not belong/,
      zip(parts.merge("originals/#{"0" * 64}" => "x")) => /the original 00000000… was changed/,
      zip(parts.merge(original => "other")) => /was changed/,
      zip(parts.except(original)) => /An original is missing/,
      zip(parts.merge("bundle.json" => "{")) => /cannot be read/,
      zip(parts.merge("bundle.json" => "[" * 5_000)) => /cannot be read/,
      changed[version: 2] => /made by a newer Up Close/,
      changed[format: "other"] => /its kind is not named/,
      changed[fonts: [
        {"key" => "../../x", "name" => "x", "licence" => "", "file_name" => "", "original" => "0" * 64}
      ]] =>
        /font in this bundle is not what it says/,
      changed[jobs: []] => /holds no job/,
      changed[extra: 1] => /“extra” is not what it should be/,
      row[:marks, width_mm: "wide"] => /“marks 0 width_mm” is not what it should be/,
      row[:marks, piece_id: 99] => /belong to nothing in it/,
      row[:marks, method_key: "telepathy"] => /holds what this Up Close does not know|not what it should be/,
      row[:pieces, shape: "tesseract"] => /holds what this Up Close does not know|not what it should be/,
      row[:pieces, measures: {}] => /not what it should be/
    }.each do |bytes, words|
      expect(bring(bytes).status).to eq 422
      expect(error_at("bundle")).to match words
    end
    expect([Job.count, Piece.count, Artwork.count]).to eq [0, 0, 0]
    # made by an older shop, before a column was there
    older = changed[marks: data["marks"].map { |mark| mark.except("artwork_kind", "show_through", "purpose") }]
    expect(bring(older).status).to eq 303
    expect(Mark.last.slice("artwork_kind", "show_through", "purpose").values).to eq [nil] * 3
    other_shop
    expect(bring(whole).status).to eq 303
  end

  it "never holds more in memory than a job can be: a bomb and a link are told from their heads" do
    bomb = zip("bundle.json" => "0" * 60_000_000)
    expect(bomb.bytesize).to be < 100_000
    expect(bring(bomb)).to have_attributes(status: 422, body: /larger than a job can be/)
    link = zip("bundle.json" => "/etc/passwd")
    # the central directory's attributes of the one entry: a symbolic link
    at = link.rindex("PK\x01\x02".b) + 38
    link[at, 4] = [0o120777 << 16].pack("V")
    link[link.rindex("PK\x01\x02".b) + 5] = "\x03"
    expect(bring(link)).to have_attributes(status: 422, body: /does not belong in one|no job's bundle/)
  end

  it "is unpacked apart, and nothing of what is refused is kept or inflated further than its directory says" do
    store = Shelves::OriginalStore.new(Settings.originals)
    zeros = "0" * 90_000_000
    name = Digest::SHA256.hexdigest(zeros)
    whole = send_form("/jobs/#{ready_mark.job.id}/bundle").body
    data = Zip::File.open_buffer(whole).read("bundle.json")
    other_shop
    bomb = zip("bundle.json" => data, "originals/#{name}" => zeros)
    before = File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_i
    expect(bring(bomb)).to have_attributes(status: 422, body: /larger than a job can be/)
    # a directory that tells less than comes out
    at = bomb.rindex("originals/#{name}".b) - 46 + 24
    lying = bomb.dup.tap { |bytes| bytes[at, 4] = [1000].pack("V") }
    expect(bring(lying)).to have_attributes(status: 422, body: /not as long as it says/)
    expect(File.read("/proc/self/status")[/VmRSS:\s+(\d+)/, 1].to_i - before).to be < 60_000
    expect([store.named?(name), Dir[File.join(Settings.opened, "brought-*")]]).to eq [false, []]
  end

  it "has a form that is published as it is, for every column that travels" do
    expect(JSON.parse(File.read(BundleSchema::FILE))).to eq(JSON.parse(JSON.generate(BundleSchema.call))),
      "columns changed: rake db:bundle_schema, and a new VERSION where an older Up Close could not read it"
    # whoever adds a table of a job's says so here
    owned = Shelves::HistoryTriggers.new(ActiveRecord::Base.connection).tables - BundleTables::ALL.keys
    of_the_shop = %w[calibrations preferences printers school_changes stock_facts stock_sheets supply_prices]
    expect(owned).to match_array of_the_shop
  end
end
