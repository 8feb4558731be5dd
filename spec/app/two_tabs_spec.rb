# frozen_string_literal: true

require "nokogiri"
require_relative "../shop_helper"

RSpec.describe "two tabs on one thing", :shop do
  let(:mark) { ready_mark }

  # every field of a page's form as it stands there
  def fields(page, path)
    form = Nokogiri::HTML5(get(page).body).css("form").find { |one| one["action"] == path }
    form.css("input[name], select, textarea").each_with_object({}) do |field, all|
      next if field["type"] == "file" || (%w[checkbox radio].include?(field["type"]) && !field.key?("checked"))
      value = field["value"] || field.text
      value = (field.at_css("option[selected]") || field.at_css("option"))["value"] if field.name == "select"
      all[field["name"]] = value
    end
  end

  def told = Nokogiri::HTML5(last_response.body).text.gsub(/\s+/, " ")

  # as a browser writes it: each name as it is
  def save(path, fields) = post(path, Rack::Utils.build_query(fields))

  # @return what the second tab's Save answers first, and then
  def both_save(page, path, first, second)
    one, other = fields(page, path), fields(page, path)
    expect(save(path, one.merge(first)).status).to eq 303
    save(path, other.merge(second))
    [last_response.status, told, fields_of_answer(path)]
  end

  def fields_of_answer(path)
    form = Nokogiri::HTML5(last_response.body).css("form").find { |one| one["action"] == path } or return {}
    form.css("input[name]").to_h { |field| [field["name"], field["value"]] }
  end

  it "on a piece: the later is told what changed, keeps what was typed, and lays its own over it with a second Save" do
    path = "/marks/#{mark.id}/measure"
    status, words, back = both_save(path, path, {"width_mm" => "70"}, {"width_mm" => "80", "name" => "lid"})
    expect([status, back.values_at("width_mm", "name"), mark.piece.reload.measures["width_mm"]])
      .to match [422, ["80", "lid"], 70.0]
    expect(words).to match(/Changed in another window since this page was opened: \S* ?width 60 → 70\. What you typed/i)
    save(path, fields(path, path).merge(back))
    expect([last_response.status, mark.piece.reload.attributes.values_at("name", "measures")])
      .to match [303, ["lid", include("width_mm" => 80.0)]]
  end

  it "on a board: the same" do
    send_form "/jobs", "title" => "Lamp"
    files = Dir[File.expand_path("../../db/demo/art/lamp-flasher/*", __dir__)].map do |file|
      upload(File.binread(file), File.basename(file))
    end
    send_form "/jobs/#{Job.last.id}/boards", "files" => files, "name" => "Lamp"
    board = Board.last
    path = "/boards/#{board.id}"
    status, words, back = both_save(path, path, {"columns" => "2"}, {"columns" => "3"})
    expect([status, back["columns"], board.reload.layout["columns"]]).to eq [422, "3", 2]
    expect(words).to include "boards across 1 → 2. What you typed is kept."
    save(path, fields(path, path).merge(back))
    expect([last_response.status, board.reload.layout["columns"]]).to eq [303, 3]
    layers = "#{path}/layers"
    number = board.files.index { |file| file["kind"] == "outline" }
    status, words, back = both_save(path, layers, {"layer[#{number}]" => "other both"}, {"layer[0]" => "paste top"})
    expect([status, words]).to match [422, /page was opened: files\./]
    expect(board.reload.files[number]["kind"]).to eq "other"
    save(layers, fields(path, layers).merge(back, "layer[0]" => "paste top"))
    expect([last_response.status, board.reload.files[0]["kind"]]).to eq [303, "paste"]
  end

  it "on a place: what only one of them changed stands beside the other's; what both changed is told first" do
    path = "/marks/#{mark.id}/place"
    status, = both_save(path, path, {"x" => "-4"}, {"width" => "25"})
    expect([status, mark.reload.x_mm, mark.width_mm]).to eq [303, -4.0, 25.0]
    status, words, back = both_save(path, path, {"width" => "28", "y" => "1"}, {"height" => "10", "x" => "3"})
    expect([status, back.values_at("height", "x"), mark.reload.width_mm, mark.x_mm]).to eq [422, %w[10 3], 28.0, -4.0]
    expect(words).to match(/wide 25 → 28.*high 12\.5 → 14\. What you typed is kept/)
    save(path, fields(path, path).merge(back))
    expect([last_response.status, mark.reload.width_mm, mark.x_mm, mark.y_mm]).to eq [303, 20.0, 3.0, 1.0]
  end

  it "on a place that is dragged: the move is told what was moved elsewhere, and can be made again over it" do
    path = "/marks/#{mark.id}/place"
    seen = fields(path, path)["shown"]
    header "Accept", "application/json"
    drag = lambda do |x, as|
      JSON.parse(send_form(path, "x_mm" => x, "y_mm" => "0", "shown" => as).body)
    end
    first = drag["5", seen]
    expect([first["errors"], mark.reload.x_mm]).to eq [{}, 5.0]
    second = drag["-7", seen]
    expect([second["errors"]["overtaken"], mark.reload.x_mm]).to match [/right 0 → 5/, 5.0]
    expect([drag["-7", second["shown"]]["errors"], mark.reload.x_mm]).to eq [{}, -7.0]
  end
end
