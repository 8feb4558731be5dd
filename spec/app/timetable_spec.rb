# frozen_string_literal: true

require_relative "../shop_helper"
require "icalendar"

RSpec.describe "the timetable", :shop do
  # Monday, an hour before the evening begins
  let(:now) { Time.local(2026, 11, 30, 18, 0) }
  let(:mark) { ready_mark.tap { |m| m.job.update!(due_on: Date.new(2026, 12, 10)) } }
  let(:hours) do
    {
      "day_1" => "19:00-22:00",
      "day_2" => "19-22",
      "drying" => "24",
      "oven" => "12",
      "temperature_c" => "20",
      "humidity" => "50"
    }
  end

  before { allow(Web.settings).to receive(:clock).and_return(now) }

  def keep(**more) = send_form("/timetable", hours.merge(more.transform_keys(&:to_s)))

  def planned(at = now) = Actions::PlanWork.new(at)

  it "plans what is ready to be made into the shop's hours, and says when, and why then" do
    mark
    keep
    get "/timetable"
    chain = planned.chains.first
    first = planned.plan.of(chain).find(&:hands?)
    expect([first.step.key, Time.at(first.from)]).to eq ["ground", Time.local(2026, 11, 30, 19, 0)]
    expect(page_words)
      .to match(
        /Sand it smooth\s+badge\. Waits for your next hours\.\s+19:00/
      )
      .and match(/badge : fine ready .*wanted 10 Dec 09:00.*Begin by .* at the latest/)
  end

  it "takes the room from the meter on its wall, and keeps what else is typed" do
    keep
    answer = send_form("/timetable/room", hours.merge("day_3" => "18-21", "temperature_c" => "", "humidity" => "x"))
    reading = Actions::UseDevices.room(now)
    expect([
      answer.status,
      ShopTime.current["temperature_c"],
      ShopTime.current["humidity"],
      ShopTime.current.week[3],
      ShopTime.current.room_read_at
    ])
      .to eq [303, reading.temperature_c, reading.humidity, [[1080, 1260]], now]
    get "/timetable"
    expect(page_words).to match(/read 18:00/)
    # cool before dawn, warm in the afternoon, damper when cooler
    dawn, tea = [4, 16].map { |hour| Actions::UseDevices.room(Time.local(2026, 11, 30, hour)) }
    expect([tea.temperature_c - dawn.temperature_c, dawn.humidity - tea.humidity])
      .to match [be_within(0.3).of(4.4), be > 8]
    keep
    expect([ShopTime.current.room_read_at, page_words]).to match [nil, anything]
  end

  it "keeps hours as they are typed, past midnight too, and says at its field what is wrong" do
    keep(day_5: "22:30 - 1:00", day_6: "10-13; 14.00-17.30", days_off: "2026-12-24")
    expect(ShopTime.current.week.slice(5, 6)).to eq(5 => [[1350, 60]], 6 => [[600, 780], [840, 1050]])
    expect(ShopTime.current.days_off).to eq [Date.new(2026, 12, 24)]
    {
      {day_1: "evening"} => /“evening” is not a time we can read/,
      {day_1: "", day_2: ""} => /no working hours yet/,
      {
        days_off: "Christmas"
      } => /is not a date/,
      {temperature_c: "-40"} => /Nothing dries well at −40 °C/,
      {temperature_c: "90"} => /at 90 °C/,
      {humidity: "140"} => /not possible in a room/,
      {drying: "0"} => /whole number from 1/,
      {oven: "0"} => /How many bake at once/,
      {temperature_c: "warm"} => /Type a number/
    }.each do |typed, words|
      answer = keep(**typed)
      expect([answer.status, page_words]).to match [422, words]
      expect(answer.body).to include(%(value="#{typed.values.first}"))
    end
    expect(ShopTime.current.week[5]).to eq [[1350, 60]]
  end

  it "moves with what is done: a step done late moves the rest, a finished run is gone" do
    mark
    keep
    run = Actions::RunMarks.start(mark, now)
    before = planned.plan.ready(planned.chains.first)
    Actions::RunMarks.finish_step(run, "ground", now + 5400)
    later = planned(now + 5400)
    # it goes on from there
    expect(later.plan.entries.first).to have_attributes(step: have_attributes(key: "pencil"), from: (now + 5400).to_f)
    expect(later.plan.ready(later.chains.first)).not_to eq before
    run.reload.steps_core.drop(1).each_with_index do |step, i|
      Actions::RunMarks.finish_step(run, step.key, now + 6000 + i * 600)
    end
    # ended ten minutes after each other: the cure, a day long, goes on from when its last coat lay
    cured = Time.at(run.reload.clockwork.ready_at(0))
    expect(cured).to eq run.step_ends.last(2).first.done_at + 86_400
    curing = planned(now + 20_000)
    expect([curing.chains.map { |chain| chain.steps.map(&:key) }, curing.plan.ready(curing.chains.first)])
      .to eq [[["still-curing"]], cured.to_f]
    expect(planned(cured + 1).chains).to be_empty
    allow(Web.settings).to receive(:clock).and_return(cured + 1)
    get "/timetable"
    expect(page_words).to match(/Nothing to do by hand/)
  end

  it "goes on after hours with what is in hand, says so, and begins nothing new" do
    keep
    other = ready_mark
    Actions::RunMarks.start(mark, now).then { |run| Actions::RunMarks.finish_step(run, "ground", now + 16_200) }
    late = planned(now + 16_260)
    firsts = late.chains.to_h { |chain| [chain.id, Time.at(late.plan.start(chain))] }
    expect(firsts).to eq(mark.id => now + 16_260, other.id => Time.local(2026, 12, 1, 19, 0))
    allow(Web.settings).to receive(:clock).and_return(now + 16_260)
    get "/timetable"
    expect(page_words)
      .to include("You ended a step at 22:30: what is under way is planned as if you stay until Tue 00:01 (an hour " \
        "and a half, a starting value). Nothing new is begun outside your hours.")
    # an hour and a half later you have gone
    expect(Time.at(planned(now + 21_700).plan.entries.first.from)).to eq Time.local(2026, 12, 1, 19, 0)
  end

  it "says what stands in the way of a date that cannot be kept, and the ways out, each planned" do
    mark.job.update!(due_on: Date.new(2026, 12, 1))
    keep
    get "/timetable"
    expect(page_words)
      .to match(
        /badge : too late ready .*Too late by .*drying and waiting/
      )
      .and match(/(What would make the date|Nothing makes the date; soonest):/)
    get "/"
    expect(page_words)
      .to match(/badge on plate Lay out and print 19:00 .*badge: too late by 11 h/)
    work = planned
    ways = work.ways_out(work.chains.first)
    expect(ways.map(&:ready).min).to be <= work.plan.ready(work.chains.first)
    # a Sunday given up helps a job wanted on the Monday
    mark.job.update!(due_on: Date.new(2026, 12, 7))
    keep(day_1: "", day_2: "19-22", temperature_c: "12")
    expect(planned.ways_out(planned.chains.first).map(&:words)).to include(/one evening more|cured sooner/)
  end

  it "lets what is in the oven together bake on side by side, and keeps its door shut to the next" do
    disc =
      {method_key: "baked-medium", printer: "laser", shape: "disc", diameter_mm: "40", material: "brass",
       finish: "etched"}
    keep
    first, second, third = Array.new(3) { ready_mark(**disc) }
    [first, second].each_with_index do |one, i|
      run = Actions::RunMarks.start(one, now)
      run.steps_core.take_while { |s| s.key != "bake" }.each do |s|
        Actions::RunMarks.finish_step(run, s.key, now + 5400 + 60 * i)
      end
    end
    work = planned(now + 5400 + 600)
    # half an hour from when each went in, by whatever way
    bakes = work.plan.entries.select { |e| e.step.key == "bake" }.to_h { |e| [e.chain.id, [e.from, e.to]] }
    expect(bakes.values_at(first.id, second.id).map(&:last)).to eq [now + 7200, now + 7260].map(&:to_f)
    expect(bakes[third.id].first).to be >= (now + 7260).to_f
    # and drawn in the oven
    oven = Presenters::Timetable.new(work, now: now + 6000)
      .days
      .first
      .rows
      .filter_map { |lane, row| row if lane == :oven }
      .flatten
    expect(oven.map { |bar| bar.entry.chain.id }).to include(first.id, second.id)
    # put off till then, were it ready at once
    ready = UpClose::Timetable::TaskChain.new(
      id: 0,
      title: "ready",
      steps: [third.planned.steps.find { |s| s.key == "bake" }],
      copies: 2
    )
    expect(UpClose::Timetable::Planner.new(work.hours, **work.send(:planner)).call([ready]).entries.first.from)
      .to eq (now + 7260).to_f
  end

  it "offers fewer coats where that is sooner, and plans by the coats a mark is to get" do
    send_form "/marks/#{mark.id}/seal", "sealer" => "cup-coat"
    keep
    ways = Actions::QuickerWays.call(mark.reload).to_h
    fewer = ways.keys.grep(/3 coats of .* instead of 4/).first
    coats = [ways[fewer], mark.planned.steps].map { |steps| steps.count { |s| s.key.start_with?("seal_") } }
    expect(coats).to eq [3, 4]
    expect(ways[fewer].sum(&:least_s)).to be < mark.planned.steps.sum(&:least_s)
    send_form "/marks/#{mark.id}/seal", "sealer" => "cup-coat", "coats" => "3"
    expect([mark.reload.planned.steps.map(&:title), Actions::QuickerWays.call(mark).map(&:first).grep(/coats of/)])
      .to match [include(/coat 3 of 3/), []]
    answer = send_form("/marks/#{mark.id}/seal", "sealer" => "cup-coat", "coats" => "plenty")
    expect([answer.status, page_words, answer.body])
      .to match [422, /“plenty” is not a number of coats/, /value="plenty"/]
    # bare is wanted bare: nothing is offered instead
    send_form "/marks/#{mark.id}/seal", "sealer" => "none"
    expect(Actions::QuickerWays.call(Mark.find(mark.id)).map(&:first).grep(/instead|coats/)).to be_empty
    # as many as usual is no figure of one's own; another sealer begins anew
    send_form "/marks/#{mark.id}/seal", "sealer" => "cup-coat", "coats" => "4"
    expect(mark.reload.coats).to be_nil
  end

  it "gives a calendar that reads back, with alarms, and the same identifiers when it is made again" do
    mark
    keep
    read = -> { Icalendar::Calendar.parse(get("/timetable.ics").body).first.events }
    first, again = read.call, read.call
    expect(first.map { |e| e.uid.to_s }).to eq(again.map { |e| e.uid.to_s })
    expect(first.map { |e| e.uid.to_s }.uniq.size).to eq first.size
    sanding = first.find { |e| e.summary.include?("Sand it smooth") }
    expect([sanding.dtstart.to_i, sanding.alarms.first.trigger.value.to_h.slice(:past, :minutes)])
      .to eq [Time.local(2026, 11, 30, 19).to_i, {past: true, minutes: 10}]
    expect(first.find { |e| e.summary.end_with?(": ready") }.dtstart.to_i).to eq planned.plan.finish.to_i
    allow(Web.settings).to receive(:clock).and_return(now + 86_400)
    moved = read.call.find { |e| e.uid == sanding.uid }
    expect(moved.dtstart.to_i).to eq Time.local(2026, 12, 1, 19).to_i
  end
end
