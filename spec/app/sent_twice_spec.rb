# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/crawled"

RSpec.describe "a form that is sent twice", :shop do
  after { FileUtils.rm_rf(Dir[File.join(Settings.home, "{backups,fonts}")]) }

  # @return [Hash{String => Integer}] rows of each table, and files
  def counts
    db = ActiveRecord::Base.connection
    kept = db.tables - %w[history_entries history_rows history_now change_counts sent_forms]
    kept.to_h { |table| [table, db.select_value("SELECT count(*) FROM \"#{table}\"")] }
      .merge("files" => Dir[File.join(Settings.home, "{backups,fonts}/**/*")].size)
  end

  # a page's form as a browser sends it
  # @return [Hash{String => String}]
  def hidden(page, path)
    forms = Nokogiri::HTML5(get(page).body).css("form")
    form = forms.find { |one| one["action"] == path } || raise("no form for #{path} on #{page}")
    form.css("input[type=hidden]").to_h { |field| [field["name"], field["value"]] }
  end

  # both at once, as two threads of the server take them
  # @return [Array<Rack::Response>]
  def at_once(path, fields)
    cookie = rack_mock_session.cookie_jar.for(URI("http://example.org/"))
    sent = {"CONTENT_TYPE" => "application/x-www-form-urlencoded", "HTTP_HOST" => "localhost", "HTTP_COOKIE" => cookie,
            "REMOTE_ADDR" => "127.0.0.1",
            :input => Rack::Utils.build_nested_query(fields)}
    Array.new(2) { Thread.new { Rack::MockRequest.new(Web).post(path, sent.dup) } }.map(&:value)
  end

  def made(path) = counts.then { |before| [yield, counts.to_h { |name, many| [name, many - before[name].to_i] }] }

  it "at once makes one job, piece, mark, sheet, printer, backup and spoilt attempt, and both are led to it" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    run.steps_core.take_while { |step| !step.round }
      .each { |step| Actions::RunMarks.finish_step(run, step.key, Time.now) }
    mark = run.mark
    presses = [
      ["/jobs/new", "/jobs", {"title" => "Regatta"}, "jobs"],
      ["/jobs/#{mark.job.id}/pieces/new", "/jobs/#{mark.job.id}/pieces", Shop::PLATE, "pieces"],
      ["/marks/#{mark.id}/measure", "/pieces/#{mark.piece_id}/marks", {}, "marks"],
      ["/drawer", "/drawer", {"stock" => "label-backing", "printer" => "inkjet", "size" => "a4"}, "stock_sheets"],
      ["/printers", "/printers", {"name" => "Second", "kind" => "inkjet", "dpi" => "600"}, "printers"],
      ["/runs/#{run.id}", "/runs/#{run.id}/spoilt", {}, "attempts"],
      ["/settings", "/backups", {}, "files"]
    ]
    told = presses.map do |page, path, typed, table|
      answers, more = made(path) { at_once(path, hidden(page, path).merge(typed)) }
      [path, answers.map(&:status), answers.map { |answer| answer["location"] }.uniq.size, more[table]]
    end
    expect(told).to eq(presses.map { |_, path, *| [path, [303, 303], 1, 1] })
  end

  it "is carried out where it was refused before, or says something else, or says it again after something else" do
    fields = hidden("/jobs/new", "/jobs")
    send_twice = ->(title) { post("/jobs", fields.merge("title" => title)).then { [last_response.status, Job.count] } }
    expect([send_twice[""], send_twice[""], send_twice["A"], send_twice["A"]])
      .to eq [[422, 0], [422, 0], [303, 1], [303, 1]]
    expect([send_twice["B"], send_twice["A"], send_twice["A"]]).to eq [[303, 2], [303, 3], [303, 3]]
  end

  it "is answered whatever stands in its token" do
    fields = hidden("/jobs/new", "/jobs").merge("title" => "Fair")
    odd = ["%E9%FF", "", "x" * 3000, "0" * 23, "%00"].map { |token| "once=#{token}" } + ["once[]=1", "once[a]=b"]
    answers = odd.map { |token| post("/jobs", "#{Rack::Utils.build_query(fields.except("once"))}&#{token}").status }
    expect([answers.uniq, Job.count]).to eq [[303], odd.size]
  end

  it "is known after the server was killed and started anew, since that is written down with what it made" do
    fields = hidden("/jobs/new", "/jobs").merge("title" => "Regatta")
    post "/jobs", fields
    stub_const("Helpers::Once::ANSWERS", Shelves::LruCache.new)
    header "Referer", "http://localhost/jobs/new"
    post "/jobs", fields
    expect([last_response.status, last_response["location"], Job.count]).to eq [303, "/jobs/new", 1]
    SentForm.forget_old(Time.now + 3 * 86_400)
    expect(SentForm.count).to eq 0
  end

  it "spoils nothing from a page that has been overtaken, nor from one that does not say which step it saw" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    key = run.steps_core.first.key
    tabs = Array.new(2) { hidden("/runs/#{run.id}", "/runs/#{run.id}/spoilt") }
    expect(tabs.map { |fields| fields["step"] }).to eq [key, key]
    tabs.each { |fields| post("/runs/#{run.id}/spoilt", fields) }
    send_form "/runs/#{run.id}/spoilt", "step" => ""
    send_form "/runs/#{run.id}/spoilt"
    expect(Attempt.count).to eq 1
  end

  # @param each [Integer] pages of one route that are looked at
  def made_twice(each)
    crawled = Crawled.new(self, each: each)
    crawled.pages
    crawled.forms.select { |form| form.verb == "POST" && form.route }.filter_map do |form|
      next if form.route.match?(/sign-out|story|passphrase/)
      send_it = -> { post(form.path, form.fields) && counts }
      first, second = send_it.call, send_it.call
      more = second.reject { |table, count| count == first[table] }
      "#{form.route} on #{form.page}: #{more}" if more.any? || last_response.status >= 500
    end
  end

  it "from any page of the demo makes nothing the second time", slow: true do
    Storytelling.tell
    found = made_twice(2)
    expect(found).to be_empty, found.join("\n")
  end
end
