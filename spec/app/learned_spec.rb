# frozen_string_literal: true

require "shop_helper"

RSpec.describe "what a shop learns from its own tries", :shop do
  def tried(result, method_key: "ink-offset", stock: "label-backing", printer: "inkjet", **more)
    Attempt.create!(
      copy: 1, result: result, method_key: method_key, printer: printer, stock: stock, material: "wood",
      finish: "sanded", faults: [], made_at: Time.now - 86_400, **more
    )
  end

  # laid so many minutes after the print
  def laid(minutes, result)
    time = {step: "lay", title: "Lay it", after: "print", after_s: minutes * 60.0, earliest_s: 30, latest_s: 3600}
    tried(result, times: [time], late_part: minutes / 60.0)
  end

  it "learns how long ink stays wet here: in steps, at the bench, in the plan, said once each" do
    mark = ready_mark(count: "1")
    expect(mark.planned.steps.find { |step| step.key == "lay" }.latest_s).to eq 3600
    [3, 6, 9, 12, 15, 18, 20, 21].each { |minutes| laid(minutes, "good") }
    [24, 27, 30, 35, 45, 50].each { |minutes| laid(minutes, "spoilt") }
    lay = Mark.find(mark.id).planned.steps.find { |step| step.key == "lay" }
    expect(lay.latest_s / 60).to be_between(20, 28)
    expect(lay.source).to match(/\A2\d min from 14 tries of your own; 60 min is the starting value\z/)
    get "/timetable"
    expect(page_words.scan("from 14 tries of your own").size).to eq 1
    get "/limits"
    expect(page_words).to match(/Stays open for “lay” +2\d min/)
    run = Actions::RunMarks.start(Mark.find(mark.id), Time.now - 600)
    %w[ground pencil print trim].each { |key| Actions::RunMarks.finish_step(run, key, Time.now - 300) }
    get "/runs/#{run.id}"
    expect(page_words).to include "from 14 tries of your own; 60 min is the starting value"
    # a closed run keeps what it was begun with
    Attempt.delete_all
    expect(run.reload.steps_core.find { |step| step.key == "lay" }.latest_s).to eq lay.latest_s
    expect(Mark.find(mark.id).planned.steps.find { |step| step.key == "lay" }.latest_s).to eq 3600
  end

  it "lets its own tries speak against a coarse ground, once they tell more than the plain rate" do
    coarse = ready_mark(method_key: "gel-medium", printer: "laser", grit: "80")
    fine = ready_mark(method_key: "gel-medium", printer: "laser", grit: "320")
    before = [coarse, fine].map { |mark| Mark.find(mark.id).spares.chance }
    60.times do |i|
      rough = i.even?
      good = rough ? i % 10 == 0 : i % 15 != 1
      tried(
        good ? "good" : "spoilt",
        method_key: "gel-medium", stock: "quick-peel", printer: "laser", grit: rough ? 80 : 320
      )
    end
    after = [coarse, fine].map { |mark| Mark.find(mark.id).spares }
    expect(after.first.chance).to be < before.first
    expect(after.last.chance).to be > after.first.chance
    get "/marks/#{coarse.id}/method"
    expect(page_words).to match(/the grit \(your own tries\) leaves \d\d % of it/i)
      .and match(/Here \d\d of 60 came out; most likely \d+ to \d+ of the next 10 \(9 times in 10\)/)
    get "/methods/gel-medium/record"
    expect(page_words).to match(/It depends on the grit\..*Brier score on attempts held back/)
  end

  it "counts a way's siblings in its chance, and says with how much" do
    mark = ready_mark(method_key: "gel-medium", printer: "laser")
    alone = Mark.find(mark.id).spares.chance
    12.times do |i|
      tried((i < 11) ? "good" : "spoilt", method_key: "gel-medium", stock: "letter-paper", printer: "laser")
    end
    pooled = Mark.find(mark.id).spares
    # (6 × start + 11 ÷ 2) ÷ (6 + 12 ÷ 2)
    expect(pooled.chance).to be_within(1e-9).of((6 * alone + 5.5) / 12)
    expect(pooled.chance_working.to_s).to include "0.5 × 11"
  end
end
