# frozen_string_literal: true

require_relative "../shop_helper"
require_relative "../support/story"
require "shelves/shop_doctor"

RSpec.describe "a shop with years of work", :shop do
  def counted = TryCount.tallies.select { |_, count| count.positive? }

  def tallied
    Attempt.where.not(method_key: nil)
      .group(:method_key, :printer, :stock, Arel.sql("origin IS NOT NULL"), :result).count
  end

  it "has its tries counted by the database itself, whatever is done to them, and counted anew on asking" do
    mark = ready_mark(count: "3")
    3.times { |i| mark.attempts.create!(copy: i + 1, piece: i + 1, result: "good", faults: []) }
    Attempt.first.update!(result: "spoilt")
    Attempt.second.update!(stock: "plain", made_at: Time.now - 86_400)
    Attempt.create!(copy: 1, result: "good", faults: [], method_key: "iron-on", origin: "Quay Works", made_at: Time.now)
    Attempt.third.destroy!
    expect(counted).to eq tallied
    expect(counted.values.sum).to eq 3
    rows = -> { TryCount.order(:method_key, :result, :day).map { |one| one.attributes.except("id") } }
    kept = rows.call.reject { |row| row["count"].zero? }
    TryCount.update_all(count: 99)
    Shelves::ShopDoctor.new(Settings.home).call.each { |complaint| complaint.mend&.call }
    expect(rows.call).to eq kept
    Attempt.delete_all
    expect(counted).to be_empty
  end

  it "rolls its counts back with the try that did not come to be" do
    mark = ready_mark
    ApplicationRecord.change do
      mark.attempts.create!(copy: 1, piece: 1, result: "good", faults: [])
      raise ActiveRecord::Rollback
    end
    expect([Attempt.count, counted]).to eq [0, {}]
  end

  it "finds by SQL the very marks that are not done" do
    Storytelling.tell
    [Time.now, Time.now + 3 * 86_400, Time.now + 400 * 86_400].each do |now|
      hand = Mark.at_hand.preload(:attempts, :artwork, piece: :job, runs: [:step_ends, {leader: :step_ends}]).to_a
      expect(Mark.undone(now).ids.sort).to eq hand.reject { |mark| mark.done?(now) }.map(&:id).sort
      over = hand.reject { |mark| mark.run&.over?(now) }
      expect(Mark.in_work(now).ids.sort).to eq over.map(&:id).sort
    end
  end

  # @return [Array<UpClose::Timetable::TaskChain>]
  def chains(now) = Actions::PlanWork.lay(now, ShopTime.current, Actions::PlanWork.open_marks(now)).first

  def told(chains) = chains.map { |one| [one.id, one.title, one.due, one.from, one.copies, one.steps.map(&:to_h)] }

  # what changes, and the marks it concerns; nil: all of them
  # @param mark [Mark] that nobody has begun
  def changes(mark)
    beside = mark.piece.marks.ids
    {
      "nothing" => [[], -> {}],
      "size" => [beside, -> { mark.update!(width_mm: mark.width_mm * 0.9) }],
      "look" => [beside, -> { mark.update_columns(checked: {**mark.checked.to_h, "mostly_over_mm" => 0.01}) }],
      "moment" => [beside, -> { mark.update!(not_before: Time.now + 5 * 86_400) }],
      "name" => [mark.artwork.marks.ids, -> { mark.artwork.update!(name: "Another") }],
      "pieces" => [beside, -> { mark.piece.update!(count: mark.piece.count + 3) }],
      "day" => [mark.job.marks.ids, -> { mark.job.update!(due_on: mark.job.due_on + 1) }],
      "a try" => [nil, -> { mark.attempts.create!(copy: 1, piece: 1, result: "spoilt", faults: []) }],
      "the room" => [nil, -> { ShopTime.keep("temperature_c" => 12) }]
    }
  end

  it "writes out anew only the steps of what a change concerns, and to the very steps of a plan from nothing" do
    Storytelling.tell
    now = Time.now
    mark = Actions::PlanWork.open_marks(now).values.find { |one| one.run.nil? }
    mark.job.update!(due_on: Date.today + 9)
    changes(mark).each do |name, (concerned, change)|
      before = chains(now)
      change.call
      after = chains(now)
      anew = (after - before).map(&:id) - Actions::PlanWork.open_marks(now).values.select(&:run).map(&:id)
      expect(anew - (concerned || anew)).to eq([]), name
      stub_const("Actions::PlanWork::CHAINS", Actions::WrittenChains.new)
      expect(told(after)).to eq(told(chains(now))), name
    end
  end

  context "with more marks than are planned while a page waits" do
    before do
      stub_const("Actions::LaidPlan::AT_ONCE", 1)
      stub_const("Presenters::Timetable::A_PAGE", 2)
      stub_const("Presenters::Timetable::UNASKED", 2)
      3.times { |i| placed_mark(title: "Lid #{i}") }
    end

    def placed_mark(title:)
      mark = ready_mark
      send_form "/marks/#{mark.id}/place/settle"
      mark.artwork.update!(name: title)
      mark
    end

    def planned
      get "/timetable"
      Actions::LaidPlan::TASKS[:plan]&.thread&.join
      get "/timetable"
      page_words
    end

    it "shows the last plan with its age while the next is laid beside it, and says what is not in it yet" do
      expect(planned).to match(/Planned 0 s ago|Lid 0/)
      Web.set :clock, -> { Time.now + 1800 }
      expect(get("/timetable").body).to include("Planned 30 min ago")
      Actions::LaidPlan::TASKS[:plan].thread.join
      expect(get("/timetable").body).not_to include("Planned 30 min ago")
      placed_mark(title: "Lid 3")
      expect(page_words.then { get("/timetable").body }).to include("1 not planned yet")
    ensure
      Web.set :clock, -> { Time.now }
    end

    it "lists its marks in pages, and works out what would help one mark when it is asked for" do
      Job.last.update!(due_on: Date.today - 2)
      planned
      last = Mark.last
      expect(last_response.body).to include("page 1 of 2").and include("What would help?")
      expect(page_words).not_to include "Nothing makes the date"
      get "/timetable?ask=#{last.id}"
      expect(last_response.body).to include("id=\"mark-#{last.id}\"")
      expect(page_words).to match(/Nothing makes the date|What would make the date/)
    end
  end

  it "lists jobs put away, and the sheets of a full drawer, a page and a kind at a time" do
    45.times { |i| Job.create!(title: "Old job #{i}", archived_at: Time.now - i * 3600) }
    get "/jobs"
    expect(page_words).to include("Old job 39").and include("page 1 of 2")
    expect(page_words).not_to include "Old job 40"
    expect(get("/jobs?page=2").body).to include "Old job 44"
    30.times { |i| Job.create!(title: "Open job #{i}") }
    get "/jobs?open=2&page=2"
    expect(page_words).to include("Open job 24").and include("page 2 of 2").and include("Old job 44")
    expect(page_words).not_to include "Open job 23"
    expect(last_response.body).to include("/jobs?page=2&amp;open=1").and include("/jobs?open=2&amp;page=1")
    size = {width_mm: 210, height_mm: 297}
    26.times { |i| StockSheet.create!(name: "sheet #{i}", stock: "clear-film", printer: "laser", **size) }
    StockSheet.create!(name: "odd one", stock: "white-film", printer: "inkjet", **size)
    get "/drawer"
    expect(last_response.body.scan("data-sheet=").size).to eq 24
    get "/drawer?stock=white-film&printer=inkjet"
    expect(page_words).to include("odd one").and include("26")
    expect(last_response.body.scan("data-sheet=").size).to eq 1
  end

  it "keeps what is left of a sheet beside it, as its free room is" do
    sheet = StockSheet.create!(name: "film 1", stock: "clear-film", printer: "laser", width_mm: 210, height_mm: 297)
    Actions::KeepSheets.mark_gone(sheet, [[0, 0], [210, 0], [210, 60], [0, 60]])
    kept = StockSheet.find(sheet.id)
    expect(kept.free["area_mm2"]).to be_within(1e-6).of(210 * 237)
    expect(kept.free_room.largest.height).to be_within(2).of(237 - 12)
    StockSheet.update_all(free: nil)
    Database.know_free_room
    expect(StockSheet.find(sheet.id).free).to eq kept.free
  end
end
