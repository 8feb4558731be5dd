# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "just print", :shop do
  let(:drawing) { svg('<path d="M2 2h36v16H2z" fill="none" stroke="#000" stroke-width="0.1"/>') }

  def print(**fields)
    send_form "/print", {"width" => "60", "method_key" => "solvent-rub", "printer" => "laser"}.merge(fields)
  end

  it "makes a file a mark at its width, says how it is printed and what is thin, and gives its pack" do
    print("file" => upload(drawing, "frame.svg"))
    mark = Mark.last
    expect(last_response.location).to end_with "/print/#{mark.id}"
    expect([mark.width_mm, mark.method_key, mark.job.title]).to eq [60, "solvent-rub", "Loose prints"]
    # 36.1 × 16.1 with its stroke, at 60 wide
    expect(mark.height_mm).to be_within(0.01).of(60 * 16.1 / 36.1)
    Actions::LookAtArtwork.call(mark)
    get "/print/#{mark.id}"
    expect(page_words).to match(/60 \. 0 × 26 \. 8 mm.*Load plain letter paper.*Printed mirrored.*Thinnest line/)
    expect(get("/marks/#{mark.id}/pack.pdf").body).to start_with "%PDF"
    get "/"
    expect(page_words).not_to include "frame"
  end

  it "takes every method, each on a ground that it holds on" do
    UpClose::Methods.all.each do |method|
      print("text" => "HELLO", "method_key" => method.key, "printer" => method.printers.first.to_s)
      expect(last_response.status).to eq(303), method.key
      expect(Mark.last).to have_attributes(method_key: method.key, width_mm: 60)
    end
  end

  it "keeps the file and what was typed when something is missing, and nothing else" do
    print("file" => upload(drawing, "frame.svg"), "width" => "wide")
    expect([last_response.status, Mark.count]).to eq [422, 0]
    expect(page_words).to include("The file “frame.svg” is here").and include("“wide” is not a length")
    kept = last_response.body[/name="kept" value="(\h{64})"/, 1]
    print("kept" => kept, "kept_name" => "frame.svg")
    expect([last_response.status, Mark.last.title]).to eq [303, "frame"]
    print("kept" => "../../etc/passwd", "text" => "")
    expect([last_response.status, error_at("file")]).to match [422, /Choose a file, or type a word/]
  end

  it "is given a piece that is there, or a new one, with its artwork, width and method" do
    real = ready_mark.piece
    print("text" => "HELLO")
    loose = Mark.last
    send_form "/print/#{loose.id}/piece", "piece" => real.id.to_s
    expect(loose.reload).to have_attributes(piece: real, width_mm: 60, method_key: "solvent-rub", placed_at: nil)
    expect(Piece.where(name: "no piece yet")).to be_empty
    print("text" => "AGAIN")
    loose = Mark.last
    send_form "/print/#{loose.id}/job", "job" => real.job_id.to_s
    expect(last_response.location).to end_with "/jobs/#{real.job_id}/pieces/new?mark=#{loose.id}"
    send_form "/jobs/#{real.job_id}/pieces", "mark" => loose.id.to_s, "name" => "lid", "shape" => "disc",
      "diameter_mm" => "80", "material" => "wood", "finish" => "sanded", "colour" => "#ecd9b0", "count" => "1"
    expect(loose.reload.piece).to have_attributes(name: "lid", job_id: real.job_id)
    expect(loose.width_mm).to eq 60
  end
end
