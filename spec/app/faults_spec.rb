# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "a fault around the shop", :shop do
  # one connection alone: what is set on it is what the pages meet
  before { ActiveRecord::Base.connection_pool.disconnect! }

  let(:db) { ActiveRecord::Base.connection }
  let(:job) { {"title" => "Regatta pennants", "for_whom" => "Ilse", "due_on" => "", "note" => "two of each"} }

  def sent_again
    form = last_response.body[/<form method="post" action="([^"]+)">.*?<\/form>/m]
    path = form[/action="([^"]+)"/, 1]
    send_form path, form.scan(/<input type="hidden"\s+name="([^"]+)" value="([^"]*)"/).to_h.except("authenticity_token")
  end

  it "is a full disk: said so, nothing half kept, what was typed there to be sent again" do
    send_form "/jobs", "title" => "First"
    # no page of the file is free, and rows enough to need another
    db.execute("VACUUM")
    long = {**job, "note" => "x" * 1900}
    db.execute("PRAGMA max_page_count = #{db.select_value("PRAGMA page_count")}")
    answers = Array.new(60) { send_form("/jobs", long).status }
    expect(answers.uniq - [303]).to eq [507]
    expect(page_words).to match(/The disk is full.*Make room on the disk/)
    before = Job.count
    expect(get("/jobs").status).to eq 200
    send_form("/jobs", long)
    db.execute("PRAGMA max_page_count = 1073741823")
    expect(sent_again.status).to eq 303
    expect([Job.count, Job.last.note, Job.last.for_whom]).to eq [before + 1, long["note"], "Ilse"]
    expect(db.select_value("PRAGMA integrity_check")).to eq "ok"
  ensure
    db.execute("PRAGMA max_page_count = 1073741823")
  end

  it "is a database that another program holds, or that cannot be written" do
    stub_const("ApplicationRecord::PATIENCE_MS", 100)
    other = SQLite3::Database.new(Settings.database[:database])
    other.execute("BEGIN IMMEDIATE")
    expect(send_form("/jobs", job)).to have_attributes(status: 503, body: /Another program has held/)
    other.execute("ROLLBACK")
    expect(sent_again.status).to eq 303
    ActiveRecord::Base.connection.execute("PRAGMA query_only = 1")
    expect(send_form("/jobs", job)).to have_attributes(status: 500, body: /folder cannot be written/)
    ActiveRecord::Base.connection.execute("PRAGMA query_only = 0")
    expect([sent_again.status, Job.count]).to eq [303, 2]
  ensure
    other&.close
    ActiveRecord::Base.connection.execute("PRAGMA query_only = 0")
  end

  it "is told by what it is, however deep it lies, and our own mistakes are told as ours" do
    deep = begin
      begin
        raise SQLite3::CorruptException, "database disk image is malformed"
      rescue
        raise ActiveRecord::StatementInvalid, "SELECT"
      end
    rescue => error
      error
    end
    expect(Helpers::Faults.of(deep).title).to match(/database is damaged/)
    expect(Helpers::Faults.of(Errno::ENOSPC.new)).to have_attributes(status: 507)
    expect(Helpers::Faults.of(Errno::EIO.new).title).to match(/disk does not answer/)
    expect(Helpers::Faults.of(NoMethodError.new("oh"))).to be_nil
    sent = {"a" => %w[1 2], "b" => {"c" => {"d" => "3"}}, "f" => {tempfile: 1}, "passphrase" => "x"}
    expect(Helpers::Faults.typed(sent)).to eq [["a[]", "1"], ["a[]", "2"], ["b[c][d]", "3"]]
  end

  it "is an original that is gone: told on the artwork's page and by the file, all other pages going on" do
    mark = ready_mark
    FileUtils.rm_rf([Settings.originals, Settings.opened])
    expect(get("/marks/#{mark.id}/artwork").body).to include "Its original is missing"
    %W[/marks/#{mark.id}/pack.pdf /artworks/#{mark.artwork.id}/original].each do |path|
      expect([get(path).status, page_words]).to match [422, /is missing from the shop/]
    end
    others = %w[place sheet apply seal record].map { |stage| get("/marks/#{mark.id}/#{stage}").status }
    expect([*others, get("/").status, get("/timetable").status].uniq).to eq [200]
    badge = upload(svg('<rect width="40" height="20"/>'), "badge.svg")
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => badge
    expect(get("/marks/#{mark.id}/artwork").body).not_to include "Its original is missing"
  end
end
