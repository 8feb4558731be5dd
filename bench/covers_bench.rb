# frozen_string_literal: true

require "ferrum"
require "puma"
require "puma/server"

# A look on a photo of 12 megapixels; cut lines of 24 marks; a picture dragged behind its piece's outline.
module CoversBench
  WORDS = %w[
    PELLOW Sandpiper Ness Light Wrenfold Harbour Quay Herring Dusk Fog Gull Tern Curlew Lamp Keeper Tide Spring Bell
    Buoy Slip Noon Ferry Snow Moon
  ].freeze
  FACES = %w[overpass-bold dancing-script-bold roboto-slab-bold bebas-neue].freeze

  module_function

  # 4000 × 3000 of wood with a grain, lit from one side, as a camera's JPEG
  def photo
    grain = Vips::Image.gaussnoise(4000, 3000, sigma: 14, mean: 0, seed: 3).gaussblur(2)
    light = Vips::Image.xyz(4000, 3000)[0] * -0.006 + 18
    [200, 165, 120].map { |tone| (grain + light + tone).cast(:uchar) }.reduce(:bandjoin)
      .copy(interpretation: :srgb).jpegsave_buffer(Q: 90)
  end

  # a plate of 160 × 110 with three words on white film
  def seen(bytes)
    Shelves::SeenOnPiece.new(
      box: UpClose::Geometry::Box.new(x: -80, y: -60, width: 160, height: 120), colour: UpClose::Colour.hex("#c8a578"),
      shape: UpClose::Surfaces.build("rectangle", {width_mm: 160.0, height_mm: 110.0}), parts: parts, photo: bytes,
      plane: plane, origin: UpClose::Geometry::Point[80, 60]
    )
  end

  def plane
    corners = [[200, 150], [3800, 160], [3790, 2850], [210, 2840]].map { |place| UpClose::Geometry::Point[*place] }
    UpClose::Measure::PhotoScale.from_corners(corners, 160.0, 120.0)
  end

  def parts
    [-35.0, 0.0, 35.0].map do |y|
      film = UpClose::Geometry::Shapes.rectangle(UpClose::Geometry::Box.new(x: -45, y: -12, width: 90, height: 24))
      Shelves::SeenOnPiece::Part.new(
        drawn: words, aspect: 0.2, placement: UpClose::Placing::Placement.new(width_mm: 80, y_mm: y), film: film
      )
    end
  end

  def words
    source = Shelves::ArtworkSource::Words.new("overpass-bold", "PELLOW NESS", UpClose::Artwork::Setting::PLAIN,
      Settings.opened)
    Shelves::DrawnArtwork.new(source: source, forms: Settings.opened)
  end

  def lettered
    WORDS.each_with_index.map do |word, i|
      UpClose::Artwork::Lettering.new(Shelves::FontShelf.fetch(FACES[i % FACES.size]), word).drawing.tap(&:ink)
    end
  end

  def cut(drawing)
    UpClose::Cutting::Lines::Ink.new(UpClose::Cutting::Asked.new(
      ink: drawing.ink, width_mm: 40.0, around_mm: 0.5, least_radius_mm: 0.5, blade_mm: 4.0, corner_mm: 0.0,
      region: -> { UpClose::Cutting::InkRegions.inked(drawing, width_mm: 40.0) }
    )).call
  end

  # from a move of the pointer to the picture drawn where it is now: the longest of fifty
  DRAGGED = <<~JS
    const scene = document.getElementById("scene");
    const box = scene.getBoundingClientRect();
    const middle = { x: box.x + box.width / 2, y: box.y + box.height / 2 };
    const at = (i) => ({ clientX: middle.x + i, clientY: middle.y, pointerId: 1, bubbles: true });
    scene.setPointerCapture = () => {};
    scene.dispatchEvent(new PointerEvent("pointerdown", at(0)));
    let longest = 0;
    let i = 0;
    const step = () => {
      const start = performance.now();
      scene.dispatchEvent(new PointerEvent("pointermove", at(i += 1)));
      document.getElementById("behind").getBoundingClientRect();
      longest = Math.max(longest, performance.now() - start);
      if (i < 50) requestAnimationFrame(step);
      else arguments[0](longest);
    };
    step();
  JS

  def dragged
    server = Puma::Server.new(Web, nil, {log_writer: Puma::LogWriter.null})
    port = server.add_tcp_listener("127.0.0.1", 0).addr[1]
    server.run
    mark = Mark.all.find(&:cover)
    browser = Ferrum::Browser.new(browser_path: "/usr/bin/chromium", browser_options: {"no-sandbox" => nil},
      process_timeout: 60, timeout: 60, window_size: [1280, 800])
    browser.go_to("http://127.0.0.1:#{port}/marks/#{mark.id}/cover")
    browser.network.wait_for_idle
    browser.evaluate_async(DRAGGED, 30)
  ensure
    browser&.quit
    server&.stop(true)
  end
end

# what the issue asks of them
module Bench
  bytes = CoversBench.photo
  look = median(3) { CoversBench.seen(bytes).seen }
  report("look on a photo of 12 megapixels, bare, clear and white", format("%.2f s", look), "under 1.5 s")
  drawn = CoversBench.lettered
  report("cut lines of 24 marks", format("%.2f s", median(3) { drawn.each { |d| CoversBench.cut(d) } }), "under 1 s")
  dragged = ms(CoversBench.dragged / 1000.0)
  report("a picture dragged behind its outline, the longest of 50 moves", dragged, "under 30 ms")
end
