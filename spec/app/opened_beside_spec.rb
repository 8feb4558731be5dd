# frozen_string_literal: true

require_relative "../shop_helper"

# What takes longer than a page waits goes on beside it.
RSpec.describe "a file that a maker brings", :shop do
  let(:mark) { mark_with_artwork }

  def bring(bytes, name, **more)
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "file", "file" => upload(bytes, name), **more.transform_keys(&:to_s)
    Artwork.last
  end

  # a browser's own form, which takes longer than the page waits
  def slowly
    allow(Web.settings).to receive(:patience_s).and_return(0.05)
    header "Accept", "text/html"
    yield
    expect(last_response.status).to eq 303
    last_response["location"]
  ensure
    header "Accept", nil
  end

  def fog
    [
      %(<svg xmlns="http://www.w3.org/2000/svg" width="900" height="900"><filter id="f"><feGaussianBlur ),
      %(stdDeviation="200"/></filter>),
      %(#{(1..60).map { |i| %(<g filter="url(#f)"><rect x="#{i}" width="800" height="800"/></g>) }.join}</svg>)
    ].join
  end

  def ended(there) = Helpers::Beside::TASKS[there[/\h{24}/]].thread.join

  it "is opened beside the page when that takes long, and can be stopped" do
    mark
    there = slowly { send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(fog, "fog.svg") }
    expect(there).to match %r{/underway/\h{24}\z}
    expect(get(there).body).to include("Still working", "Stop")
    expect(JSON.parse(get("#{there}/share").body))
      .to include("going" => true, "doing" => /\A(reading|drawing) for \d+ s; 60 s of computing at most\z/)
    # the rest answers meanwhile
    expect(get("/jobs").status).to eq 200
    send_form "#{there}/stop"
    ended(there)
    expect([get(there).status, page_words]).to match [422, /You stopped it/]
    expect(Artwork.where(name: "fog")).to be_empty
    expect([get("/underway/#{"0" * 24}").status, last_response["location"]]).to match [303, %r{/\z}]
  end

  it "whatever else it is, goes on beside the page too, and ends where it would have: photo, outline, font, table" do
    photo = (Vips::Image.black(300, 200, bands: 3) + 120).cast(:uchar).jpegsave_buffer
    piece = mark.piece
    {
      ["/pieces/#{piece.id}/photo", {"photo" => upload(photo, "plate.jpg")}] => "/pieces/#{piece.id}/photo",
      [
        "/marks/#{mark.id}/like",
        {"word" => "A", "photo" => upload(svg('<rect width="9" height="9"/>'), "plain.svg")}
      ] => 422,
      ["/fonts", {"font_file" => upload("hello", "bad.ttf"), "licence" => "mine"}] => 422,
      [
        "/marks/#{mark.id}/artwork",
        {"kind" => "lettering", "font" => "bebas-neue", "set_file" => upload("A;B\n", "names.csv")}
      ] => 200,
      [
        "/drawer",
        {"stock" => "water-slide-clear", "printer" => "laser", "dpi" => "300", "scan" => upload(photo, "scan.jpg")}
      ] => 422
    }.each do |(path, fields), wanted|
      allow(Workers.pool).to receive(:call).and_wrap_original do |call, *work, **named, &told|
        told.call("reading", 1)
        sleep 0.3
        call.call(*work, **named, &told)
      end
      there = slowly { send_form path, fields }
      ended(there)
      get(there)
      expect([path, last_response["location"]&.sub("http://localhost", "") || last_response.status])
        .to eq [path, wanted]
    end
    expect(piece.reload.photo).to include("original")
  end

  it "looked at by a script that names its task, tells how far it is, and stops" do
    bring(svg('<rect width="40" height="20"/>'), "plate.svg")
    allow(Workers.pool).to receive(:call) do |*, **, &told|
      sleep 0.01 while told.call("checking", 3)
      raise UpClose::Errors::Stopped.new("You stopped it.", remedy: "Start it again when you like.")
    end
    name = "ab" * 12
    asked = Thread.new do
      Rack::MockRequest.new(Web)
        .get("/marks/#{mark.id}/checks", "HTTP_HOST" => "localhost", "REMOTE_ADDR" => "127.0.0.1",
          "HTTP_X_UP_CLOSE_TASK" => name)
    end
    sleep 0.02 until Helpers::Beside::TASKS[name]&.doing
    expect(JSON.parse(get("/underway/#{name}/share").body))
      .to include("going" => true, "doing" => "checking for 3 s; 60 s of computing at most", "share" => 0.05)
    send_form "/underway/#{name}/stop"
    expect(asked.value.body).to include("You stopped it")
    expect(Helpers::Beside::TASKS[name]).to be_nil
  end
end
