# frozen_string_literal: true

require_relative "../shop_helper"
require "shelves/shop_doctor"

KINDS_OF_WRITES = %w[job piece artwork place method sheet run done try undo original setting].freeze
# what a kill may leave: a file that nothing names; and the folder's rights, which are not these specs' matter
HARMLESS_AFTER_A_KILL = /belongs? to nothing|left.over|Others on this computer/

# The shop's own process killed in the middle of writing, again and again, over writes of every kind.
RSpec.describe "a shop that is killed", :shop do
  # what one process does until it is killed: each thing is told only when the shop has answered that it is kept
  def work(told, number)
    (1..).each do |i|
      name = "#{number}-#{i}"
      sent = ->(path, fields = {}) { send_form(path, fields).tap { |answer| raise path if answer.status >= 400 } }
      tell = ->(kind, *facts) { told.puts([kind, *facts].join("\t")) }
      sent["/jobs", {"title" => name}]
      job = Job.find_by!(title: name)
      tell["job", job.id, name]
      sent["/jobs/#{job.id}/pieces", Shop::PLATE.merge("name" => name)]
      mark = job.marks.first
      tell["piece", mark.id, name]
      sent["/marks/#{mark.id}/artwork/use", {"artwork" => Artwork.first.id.to_s}]
      tell["artwork", mark.id, Artwork.first.id]
      sent["/marks/#{mark.id}/method", {"method_key" => "ink-offset", "printer" => "inkjet"}]
      tell["method", mark.id, "ink-offset"]
      sent["/marks/#{mark.id}/place", {"width" => (20 + i % 9).to_s}]
      tell["place", mark.id, 20 + i % 9]
      sent["/drawer", {"stock" => "clear-film", "printer" => "laser", "size" => "a4", "kept" => name}]
      tell["sheet", StockSheet.last.id, name]
      run = Actions::RunMarks.start(mark, Time.now)
      tell["run", run.id, mark.id]
      step = run.clockwork.state(Time.now.to_f).step.key
      sent["/runs/#{run.id}/done", {"step" => step}]
      tell["done", run.id, step]
      sent["/marks/#{mark.id}/record/1", {"result" => "good", "copy" => "1"}]
      tell["try", mark.id, "good"]
      Preference.put("ratio", "1.#{i}")
      tell["setting", i, number]
      tell["original", Shelves::OriginalStore.new(Settings.originals).put("original #{name}" * 2000), name]
      sent["/jobs/#{job.id}", {"title" => "#{name} again"}]
      sent["/history/#{HistoryEntry.order(:id).last.id}/undo"]
      tell["undo", job.id, name]
    end
  end

  # @return [Array<Array<String>>] what it said was kept before it was killed
  def killed_after(things, more_s, number)
    from, told = IO.pipe
    child = fork do
      from.close
      told.sync = true
      # the workers are the first process's: here their work is done at once
      Workers.define_singleton_method(:call) do |receiver, verb, *rest, limits: nil, **named|
        receiver.public_send(verb, *rest, **named)
      end
      work(told, number)
    rescue Exception => error # rubocop:disable Lint/RescueException
      told.puts("broke\t#{error.class}: #{error.message[0, 200]}")
      exit!(1)
    end
    told.close
    # a busy machine is given the time: it is killed in the middle of what comes after so many
    said = Array.new(things) { from.wait_readable(20) && from.gets }.compact
    sleep more_s
    Process.kill(:KILL, child)
    Process.wait(child)
    # half a line was not told
    [*said, *from.read.lines].select { |line| line.end_with?("\n") }.map { |line| line.chomp.split("\t") }
  end

  # One round in this process, so that none of the others has to load and translate everything first, nor to draw
  # the letters, which a forked process cannot.
  def warm_up
    mark_with_artwork
    told = Object.new
    told.define_singleton_method(:puts) { |line| throw :enough if line.start_with?("undo") }
    catch(:enough) { work(told, "warm") }
  end

  # @return [Boolean] whether what was said to be kept is there
  def there?(kind, id, value)
    case kind
    when "job", "undo" then Job.find_by(id: id)&.title.then { |title| title == value || title == "#{value} again" }
    when "piece" then Mark.find_by(id: id)&.piece&.name == value
    when "artwork" then Mark.find_by(id: id)&.artwork_id == value.to_i
    when "method" then Mark.find_by(id: id)&.method_key == value
    when "place" then Mark.find_by(id: id)&.width_mm.to_i == value.to_i
    when "sheet" then StockSheet.find_by(id: id)&.kept == value
    when "run" then Run.find_by(id: id)&.mark_id == value.to_i
    when "done" then StepEnd.exists?(run_id: id, step: value)
    when "try" then Attempt.exists?(mark_id: id, result: value)
    when "setting" then !Preference.get("ratio").empty?
    when "original" then Shelves::OriginalStore.new(Settings.originals).get(id) == "original #{value}" * 2000
    end
  end

  # @return [Array(Integer, Array<String>)] half changes, and what the doctor complains of
  def whole
    open = ActiveRecord::Base.connection.select_value("SELECT count(*) FROM history_now WHERE entry_id IS NOT NULL")
    untold = HistoryEntry.where(title: "")
    halves = [Piece.where.missing(:marks), HistoryEntry.where.missing(:rows), untold].sum(&:count)
    [halves + open, Shelves::ShopDoctor.new(Settings.home).call.map(&:words).grep_v(HARMLESS_AFTER_A_KILL)]
  end

  def killed(times)
    chance, said = Random.new(7), []
    warm_up
    times.times do |number|
      said += killed_after(chance.rand(3..13), chance.rand(0.0..0.06), number)
      expect(whole).to eq [0, []]
    end
    expect(said.select { |kind, *| kind == "broke" }).to be_empty
    lost = said.reject { |told| there?(*told) }
    expect(lost).to be_empty, "lost of #{said.size}: #{lost.first(5)}"
    said
  end

  it "keeps whatever it said it kept, and no half of anything, over twenty kills" do
    said = killed(20)
    expect(said.size).to be > 100
    expect(said.map(&:first).uniq).to match_array KINDS_OF_WRITES
  end

  it "keeps it over two hundred kills", slow: true do
    expect(killed(200).size).to be > 1000
  end
end
