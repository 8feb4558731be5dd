# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "Many pictures on one kind of piece", :shop do
  def grey(tone, width = 200, height = 160)
    upload(Vips::Image.black(width, height).linear(1, tone).cast(:uchar).copy(interpretation: :"b-w").pngsave_buffer,
      "picture #{tone}.png")
  end

  let(:first) do
    send_form "/jobs", "title" => "Tags"
    send_form "/jobs/#{Job.last.id}/pieces",
      Shop::PLATE.merge("name" => "tag 4", "material" => "brass", "finish" => "raw")
    Mark.last
  end

  def sheet = ContactSheet.new(Mark.find(first.id))

  it "makes of each a mark that covers a piece of its own, and tells which file it could not read" do
    send_form "/marks/#{first.id}/pictures", "files" => [grey(60), upload("no picture", "notes.txt"), grey(120)]
    expect(last_response.status).to eq 422
    expect(page_words).to include("notes.txt:")
    expect(sheet.marks.map { |mark| [mark.title, mark.piece.name, mark.piece.count] })
      .to eq [["picture 60", "tag 4", 1], ["picture 120", "tag 5", 1]]
    # 60 × 40 and 1.5 round it: 5 : 4 covers it at 63 wide … 43 × 1.25 = 53.75 is less
    expect(sheet.marks.map { |mark| mark.covering.shown_mm }).to all be_within(0.05).of(63)
    expect(Piece.count).to eq 2
  end

  it "lightens all of them together, keeps where they lie, and what else is prepared" do
    send_form "/marks/#{first.id}/pictures", "files" => [grey(60), grey(120)]
    send_form "/marks/#{sheet.marks.last.id}/cover", "x" => "2"
    Actions::PrepareArtwork.call(sheet.marks.first, [{"key" => "sharpen", "on" => true}])
    send_form "/marks/#{first.id}/pictures/tones", "lighter" => "40", "more" => "-20"
    expect(sheet.marks.map { |mark| mark.recipe.map { |step| step["key"] } })
      .to eq [%w[levels contrast sharpen], %w[levels contrast]]
    expect(sheet.tones).to eq("lighter" => 40.0, "more" => -20.0)
    expect(sheet.marks.last.covering.cover.x_mm).to eq 2.0
    send_form "/marks/#{first.id}/pictures/tones", "lighter" => "400", "more" => "0"
    expect(last_response.status).to eq 422
  end

  it "lays all of them on one sheet, numbered, made like the first that says how" do
    send_form "/marks/#{first.id}/pictures", "files" => [grey(60), grey(90), grey(120)]
    send_form "/marks/#{first.id}/method", "method_key" => "baked-medium", "printer" => "laser"
    send_form "/marks/#{first.id}/pictures/lay"
    layout = Layout.last
    expect(layout.marks.map(&:title)).to eq ["picture 60", "picture 90", "picture 120"]
    expect(layout.sheets.flat_map { |one| one.places.map { |place| layout.label(layout.place(place)) } })
      .to match_array %w[A1 B1 C1]
    expect(sheet.marks.map(&:method_key).uniq).to eq ["baked-medium"]
  end
end
