# frozen_string_literal: true

require_relative "../shop_helper"
require "nokogiri"

RSpec.describe "what was done", :shop do
  let(:tables) { Shelves::HistoryTriggers.new(ActiveRecord::Base.connection).tables }

  # every row of the shop, but for when it was last touched
  def rows
    db = ActiveRecord::Base.connection
    tables.to_h do |table|
      found = db.select_all("SELECT * FROM \"#{table}\" ORDER BY id")
      [table, found.map { |row| row.except("updated_at", "lock_version", "checked") }]
    end
  end

  def undo(entry = HistoryEntry.order(:id).last) = send_form("/history/#{entry.id}/undo")

  def titles = HistoryEntry.order(:id).pluck(:title)

  # one thing that a maker does, taken back, done again by taking that back
  def goes_and_comes(words)
    before = rows
    yield
    expect(titles.last).to match(words)
    done = rows
    expect(done).not_to eq before
    expect(undo.status).to eq(303), page_words
    expect(rows).to eq before
    expect(titles.last).to match(/took back: .*#{words.source}/)
    expect(undo.status).to eq 303
    expect([titles.last, rows]).to match [/did again: .*#{words.source}/, done]
  end

  it "is taken back row by row, whatever it was, and again" do
    mark = ready_mark("name" => "lid")
    job = mark.job
    HistoryEntry.update_all(made_at: Time.now - 3600)
    goes_and_comes(/moved “badge”/) { send_form "/marks/#{mark.id}/place", "x" => "3.3333333333", "width" => "30" }
    goes_and_comes(/changed the job “Fête”/) { send_form "/jobs/#{job.id}", "title" => "Fête", "due_on" => "" }
    goes_and_comes(/changed the piece “plate”/) do
      send_form "/marks/#{mark.id}/measure", Shop::PLATE.merge("width_mm" => "61")
    end
    goes_and_comes(/made the piece “lid 2”/) do
      send_form "/jobs/#{job.id}/pieces", Shop::PLATE.merge("name" => "lid 2")
    end
    goes_and_comes(/made the printer “attic”/) { send_form "/printers", "name" => "attic", "kind" => "inkjet" }
    goes_and_comes(/put away the printer “attic”/) { send_form "/printers/#{Printer.last.id}/away" }
    goes_and_comes(/put .* into the drawer/) do
      send_form "/drawer", "stock" => "clear-film", "printer" => "laser", "size" => "a4"
    end
    goes_and_comes(/used up clear film 1/) { send_form "/drawer/#{StockSheet.last.id}/away" }
    goes_and_comes(/made your own way “Mine”/) do
      get "/methods/ink-offset/own"
      fields = Nokogiri::HTML(last_response.body).css("form[action$='/own'] [name]")
      steps = fields.to_h { |field| [field["name"], field["value"] || field.text] }
      send_form "/methods/ink-offset/own", steps.merge("title" => "Mine")
    end
    goes_and_comes(/began the work on “badge”/) { send_form "/marks/#{mark.id}/runs", "override" => "a trial" }
    run = Run.last
    goes_and_comes(/did “.+” of “badge”/) do
      send_form "/runs/#{run.id}/done", "step" => run.clockwork.state(Time.now).step.key
    end
    goes_and_comes(/recorded a try of “badge”/) do
      send_form "/marks/#{mark.id}/record/1", "result" => "good", "copy" => "1"
    end
    goes_and_comes(/put away the mark “badge”/) { send_form "/marks/#{mark.id}/away" }
    goes_and_comes(/put away the job/) { send_form "/jobs/#{job.id}/away" }
    goes_and_comes(/changed the settings/) { send_form "/preferences", "name" => "unit", "value" => "in" }
  end

  it "is not taken back when it was changed again, or when something later hangs on it, and says so there" do
    mark = ready_mark
    job = HistoryEntry.find_by(title: "made the job “Fair”")
    expect(undo(job)).to have_attributes(status: 422, body: /Something that was made later belongs to it/)
    send_form "/marks/#{mark.id}/place", "width" => "25", "x" => "2"
    first = HistoryEntry.order(:id).last
    first.update!(made_at: Time.now - 120)
    send_form "/marks/#{mark.id}/place", "width" => "26", "x" => "2"
    before = rows
    expect(undo(first)).to have_attributes(status: 422, body: /changed again since/)
    expect(rows).to eq before
    expect([undo.status, undo(first).status, Mark.last.x_mm]).to eq [303, 303, 0.0]
    expect(undo(first)).to have_attributes(status: 422, body: /taken back already/)
  end

  it "is one entry while one thing is dragged, is left out when nothing is changed, and is kept a year" do
    mark = ready_mark
    before = HistoryEntry.count
    3.times { |i| send_form "/marks/#{mark.id}/place", "width" => "30", "x" => (i + 1).to_s }
    send_form "/marks/#{mark.id}/place", "width" => "-3"
    expect(HistoryEntry.count).to be_between(before, before + 1)
    undo
    expect(Mark.last.x_mm).to eq 0.0
    HistoryEntry.first.update!(made_at: Time.now - 366 * 86_400)
    expect { HistoryEntry.forget_old(Time.now) }.to change(HistoryEntry, :count).by(-1)
    expect(HistoryRow.where.missing(:entry)).to be_empty
  end

  it "ends with the request that opened it, also where that turned back half way" do
    run = Actions::RunMarks.start(ready_mark, Time.now)
    before = HistoryEntry.count
    send_form "/runs/#{run.id}/done", "step" => "another"
    send_form "/drawer/#{StockSheet.last&.id || 1}/away"
    open = ActiveRecord::Base.connection.select_value("SELECT entry_id FROM history_now")
    expect([HistoryEntry.count, open, HistoryEntry.where(title: "").count]).to eq [before, nil, 0]
    allow_any_instance_of(Mark).to receive(:save!).and_raise(ActiveRecord::StatementInvalid, "no")
    send_form "/marks/#{run.mark_id}/place", "width" => "12"
    expect([HistoryEntry.count, Mark.last.width_mm]).to eq [before, 30.0]
  end

  it "is told newest first, with how long ago" do
    ready_mark
    HistoryEntry.order(:id).last.update!(made_at: Time.now - 720)
    get "/history"
    expect(page_words).to match(/12 minutes ago placed “badge” Undo.*made the job “Fair”/)
  end
end
