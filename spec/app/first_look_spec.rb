# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "the first look at a large picture", :shop do
  def bring(bytes, name)
    send_form "/jobs", "title" => "Lids"
    send_form "/jobs/#{Job.last.id}/pieces", Shop::PLATE
    send_form "/marks/#{Mark.last.id}/artwork", "kind" => "file", "file" => upload(bytes, name)
    "/marks/#{Mark.last.id}"
  end

  def first(mark) = JSON.parse(get("#{mark}/checks/first").body).fetch("told")

  it "stands beside the wait, and is of so many pixels; a smaller one, or one drawn in pencil, has none" do
    ground = (Vips::Image.black(2400, 1800) + 238).cast(:uchar).draw_rect([40], 600, 450, 1200, 900, fill: true)
    mark = bring(ground.pngsave_buffer, "lid.png")
    expect(get("#{mark}/artwork").body).to include "data-first-look"
    expect(first(mark)).to include("one pixel in 16", "#eeeeee", "is-stop")
    send_form "#{mark}/recipe", "act" => "add", "add" => "pencil"
    expect(first(mark)).to be_nil
    small = bring(svg('<rect width="40" height="20"/>'), "small.svg")
    expect(get("#{small}/artwork").body).not_to include "data-first-look"
    expect(first(small)).to be_nil
    expect(get("/marks/0/checks/first").status).to eq 404
  end
end
