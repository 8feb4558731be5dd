# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "what is kept of a look, and when it is looked at anew", :shop do
  let(:mark) { ready_mark }

  # where the page fetches its pictures from
  def addresses
    get "/marks/#{mark.id}/artwork"
    last_response.body.scan(%r{/marks/\d+/(?:look|impression)\.png\?[^"]+}).sort
  end

  it "names a picture anew whenever anything it shows has changed, and not otherwise" do
    decal = {"method_key" => "water-slide", "printer" => "laser"}
    changes = {
      "method" => -> {
        send_form "/marks/#{mark.id}/method", decal.merge("stock" => "clear-film")
      },
      "film" => -> {
        send_form "/marks/#{mark.id}/method", decal.merge("stock" => "white-film")
      },
      "size" => -> { send_form "/marks/#{mark.id}/place", "width" => "21" },
      "steps" => -> { send_form "/marks/#{mark.id}/recipe", "act" => "add", "add" => "invert" },
      "colour" => -> { mark.piece.update!(colour: "#203040") }
    }
    before = addresses
    expect(addresses).to eq before
    changes.each do |what, change|
      change.call
      after = addresses
      expect(after & before).to be_empty, "the same address after another #{what}"
      before = after
    end
    send_form "/marks/#{mark.id}/place", "x" => "2"
    expect(addresses).to eq before
  end

  it "puts steps in order, drops one, switches one off, and keeps the original" do
    act =
      ->(what, steps) {
        send_form("/marks/#{mark.id}/recipe", "act" => what, "steps" => steps).then do
          mark.reload.recipe.map { |s| [s["key"], s["on"]] }
        end
      }
    two = {"0" => {"key" => "invert", "on" => "1"}, "1" => {"key" => "thicken", "on" => "1", "by_mm" => "0.1"}}
    expect(act["keep", two]).to eq [["invert", true], ["thicken", true]]
    expect(act["down:0", two]).to eq [["thicken", true], ["invert", true]]
    expect(act["up:0", two]).to eq [["invert", true], ["thicken", true]] # nothing lies above it
    expect(act["drop:1", two]).to eq [["invert", true]]
    expect(act["keep", two.merge("1" => {"key" => "thicken", "by_mm" => "0.1"})])
      .to eq [["invert", true], ["thicken", false]]
    expect(mark.design.drawn.artwork.ink.aspect).to be_within(0.01).of(mark.artwork.ink_core.aspect)
    expect(send_form("/marks/#{mark.id}/recipe", "act" => "add", "add" => "polish").status).to eq 422
    5.times { send_form "/marks/#{mark.id}/recipe", "act" => "undo" }
    expect([mark.reload.recipe, mark.width_mm]).to match [[], be_within(1e-6).of(30)]
  end

  it "says of repeats which of them lies on a screw" do
    piece = {"keep" => [{"kind" => "disc", "x" => "15", "y" => "0", "width" => "6", "words" => "screw"}]}
    screwed = ready_mark(**piece.transform_keys(&:to_sym))
    send_form "/marks/#{screwed.id}/place", "width" => "6", "x" => "0", "y" => "-15"
    expect(page_words_of(screwed)).to match(/Distance from/)
    send_form "/marks/#{screwed.id}/place/repeats", "kind" => "round", "count" => "4"
    expect(page_words_of(screwed)).to match(/4 of them, evenly.*1 of them sticks out/)
    send_form "/marks/#{screwed.id}/place/repeats", "kind" => "round", "count" => "3"
    expect(page_words_of(screwed)).to match(/3 of them, evenly/).and not_include("sticks out")
    expect(screwed.reload.copies_wanted).to eq 6 # three on each of two plates
  end

  def page_words_of(of)
    get "/marks/#{of.id}/place"
    page_words
  end

  describe "a photo laid under its piece" do
    let(:piece) { mark.piece }
    let(:places) do
      {
        reference: [[0, 0], [9, 9]],
        corners: [[100, 100], [300, 100], [300, 200], [100, 200]],
        lines: [[[100, 100], [300, 100]]],
        trace: []
      }
    end

    before do
      photo = Vips::Image.black(400, 300).linear(1, 200).cast(:uchar).draw_rect([0], 100, 100, 200, 100, fill: true)
      send_form "/pieces/#{piece.id}/photo", "photo" => upload(photo.jpegsave_buffer, "bench.jpg")
    end

    def lay(**more)
      send_form(
        "/pieces/#{piece.id}/photo/outline",
        {
          "as" => "backdrop",
          "mode" => "corners",
          "rect_width" => "60",
          "rect_height" => "30",
          "marked" => JSON.generate(places)
        }.merge(more.transform_keys(&:to_s))
      )
    end

    it "lies to scale under the piece, middle on middle, and stays where later marks move" do
      expect(lay.status).to eq 303
      backdrop = -> { Presenters::PieceView.new(piece.reload, writer: writer, mark: mark.reload).backdrop }
      view = Presenters::PieceView.new(piece.reload, writer: writer, mark: mark)
      # 60 mm and a margin of 6 % at either side
      expect(backdrop.call[:width]).to be_within(0.1).of(60 * 1.12 * view.scale)
      expect(backdrop.call[:x] + backdrop.call[:width] / 2).to be_within(0.1).of(view.origin[0])
      was = backdrop.call.except(:href)
      send_form "/pieces/#{piece.id}/photo/marked",
        "mode" => "corners", "rect_width" => "90", "rect_height" => "30", "marked" => JSON.generate(places)
      expect(backdrop.call.except(:href)).to eq was
      shown = Vips::Image.new_from_buffer(get(backdrop.call[:href]).body, "")
      expect(shown.width / shown.height.to_f).to be_within(0.03).of((60 + 7.2) / (30 + 7.2))
    end

    it "needs corners, since a single length does not correct the tilt; what was typed stays" do
      answer = lay(mode: "reference", length: "50")
      expect([answer.status, page_words]).to match [422, /does not correct the tilt/]
      expect(answer.body).to match(/value="50/)
    end
  end

  it "keeps what was marked within the photo, and takes no more lines than it shows" do
    form = Forms::PhotoForm.new(
      {"mode" => "", "length" => "2 cm", "marked" => JSON.generate(
        reference: [[-9, 5], [999, 5]],
        corners: [[0, 0]] * 4,
        lines: [[[0, 0], [1, 1]]] * 40,
        trace: [[5, 5]]
      )},
      photo: {"width" => 400, "height" => 300}
    )
    expect(form.values).to include(mode: "reference", length: 20.0, reference: [point(0, 5), point(400, 5)])
    expect(form.values[:lines].size).to eq 24
    expect(Forms::PhotoForm.new(
      {"length" => "5", "marked" => JSON.generate(reference: [[1, 2]], corners: [], lines: [], trace: [])},
      photo: {"width" => 4, "height" => 3}
    ).error(:marked))
      .to match(/did not come through/)
  end
end
