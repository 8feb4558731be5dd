# frozen_string_literal: true

require_relative "../shop_helper"

# How often a page asks the database, however many marks there are.
RSpec.describe "what a page asks of the database", :shop do
  before { Storytelling.tell }

  let(:rose) { Mark.all.find { |mark| mark.title == "Compass rose" } }

  def queries(path)
    asked = []
    note = ->(*, about) { asked << about[:sql] unless about[:cached] || about[:name] == "SCHEMA" }
    ActiveSupport::Notifications.subscribed(note, "sql.active_record") { get path }
    expect(last_response.status).to eq(200), path
    asked.count { |sql| sql.start_with?("SELECT") }
  end

  # twice the marks, each as far as the one that it is a copy of
  def twice_as_many
    Mark.live.where.not(artwork_id: nil).each do |mark|
      Mark.create!(mark.attributes.except("id", "created_at", "updated_at"))
    end
  end

  it "is no more than a few things, and no more of them with twice the marks" do
    pages = {"/" => 15, "/jobs" => 10, "/timetable" => 15, "/jobs/#{rose.job.id}" => 20}
    pages.merge!(Presenters::CardRow::STAGES.keys.to_h { |stage| ["/marks/#{rose.id}/#{stage}", 20] })
    # the first time a process sees a page, it learns its tables too
    pages.each_key { |path| get path }
    before = pages.keys.to_h { |path| [path, queries(path)] }
    expect(before.select { |path, asked| asked > pages[path] }).to be_empty
    twice_as_many
    pages.each_key { |path| get path }
    after = pages.keys.to_h { |path| [path, queries(path)] }
    expect(after.select { |path, asked| asked > pages[path] }).to be_empty
  end
end
