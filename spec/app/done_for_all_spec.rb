# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "one press for several runs", :shop do
  let(:now) { Time.now }
  let(:mark) { ready_mark }

  # @param scrap_s [Numeric] how long ago its scrap was tried
  # @return [Run] of a mark of its own in a job of its own, before its first coat
  def run_of(another, scrap_s: 86_400)
    run = Actions::RunMarks.start(another, now - 30 * 86_400)
    run.steps_core.take_while { |step| step.key != "seal_1" }
      .each { |step| run.step_ends.create!(step: step.key, done_at: now - scrap_s, late: false) }
    run.reload
  end

  # the same mark on a like piece of another job
  def another(name = "lid")
    job = Job.create!(title: "Another", uid: SecureRandom.uuid)
    piece = mark.piece.dup.tap { |like| like.update!(job: job, name: name) }
    mark.dup.tap { |like| like.update!(piece: piece) }
  end

  def joined(run) = run.reload.at_the_same("seal_1", now).map(&:id) - [run.id]

  def press_for_all(run, named)
    send_form "/runs/#{run.id}/done", "step" => "seal_1", "all" => "1", "runs" => named.map(&:id).join(" ")
  end

  def coated(*runs) = runs.map { |run| run.reload.done_at.key?("seal_1") }

  it "is offered where the same is done with the same, and names the pieces" do
    first, other = run_of(mark), run_of(another)
    expect(joined(first)).to eq [other.id]
    get "/runs/#{first.id}"
    expect(page_words).to include "Done for all 2: badge (plate), badge (lid)"
    press_for_all(first, [first, other])
    expect(coated(first, other)).to eq [true, true]
  end

  it "ends no wait of another run, and moves no run on that the press did not name" do
    first, waiting, unnamed = run_of(mark), run_of(another, scrap_s: 9), run_of(another("box"))
    expect(joined(first)).to eq [unnamed.id]
    press_for_all(first, [first, waiting])
    expect(coated(first, waiting, unnamed)).to eq [true, false, false]
    # its own wait holds it back too
    press_for_all(waiting, [waiting, unnamed])
    expect(coated(waiting, unnamed)).to eq [false, false]
  end

  it "is not offered where the method, a variant, the sheet, the finish or the purpose is another" do
    first, other = run_of(mark), run_of(another)
    as_made = other.mark.attributes
    changes = {
      "method_key" => "gel-medium", "printer" => "laser", "stock" => "freezer-paper", "picked" => {"paper" => "other"},
      "purpose" => "guide", "afterwards" => "burn", "sealer" => "spray-lacquer", "coats" => 1
    }
    together = changes.select do |field, value|
      other.mark.update_columns(field => value)
      joined(first).any?.tap { other.mark.update_columns(as_made.slice(field)) }
    end
    expect([together, joined(first)]).to eq [{}, [other.id]]
  end

  it "is not offered where a run was begun with another finish than its mark has by now" do
    oiled = another.tap { |like| like.update!(sealer: "spray-lacquer") }
    first, other = run_of(mark), run_of(oiled)
    oiled.update!(sealer: mark.sealer)
    expect([first, other].map { |run| run.clockwork.state(now.to_f).step.key }).to eq %w[seal_1 seal_1]
    expect(joined(first)).to be_empty
  end
end
