# frozen_string_literal: true

require_relative "../shop_helper"

# One file added is one method, sealer, shape or check more, on every page.
RSpec.describe "a definition added as one file", :shop do
  method = <<~RUBY
    module UpClose::Methods
      class WaxTissue < Definition
        key "wax-tissue"
        title "Waxed tissue"
        summary "Ironed off waxed tissue."
        undo "Scrape it off."
        movable :no
        wear "poor"
        on_a_miss :again
        chance 0.5
        printers :laser
        stocks "letter-paper"
        residue :toner
        serves :picture
        passage "Printed on the tissue, face up"
        passage "Laid face down on the piece", turned: true
        border 4.0
        sights :lay, right: [:sharp, "crisp"], early: [:smeared, "too wet"], late: [:broken, "too dry"]
        work do |s|
          hands :print, "Print it", "As usual.", phase: :print, lasts: 60
          hands :iron, "Iron it over", "Slowly.", lasts: 10, each: over_ink(50, fixed: 20)
          wait :cool, "Let it cool", "Leave it.", lasts: 300
        end
      end
    end
  RUBY
  sealer = <<~RUBY
    module UpClose::Sealing
      class EggWhite < Sealer
        key "egg-white"
        title "Beaten egg white"
        summary "An old bookbinders' glaze."
        sheen :gloss
        wet_um 40
        can_ml 30
        coats 2
        between_s 1800..86_400
        cure_s 86_400
        touch_s 1200
        handle_s 7200
        coat_words "With a soft brush."
        %i[film toner dye_ink].each { |residue| over residue, :fine, "It goes over it." }
      end
    end
  RUBY
  shape = <<~RUBY
    module UpClose::Surfaces
      class Lozenge < Shape
        describe "lozenge", "Lozenge",
          UpClose::Parameter.new(:width_mm, "Width"), UpClose::Parameter.new(:height_mm, "Height")
        def half = [measures[:width_mm] / 2.0, measures[:height_mm] / 2.0]
        def apothem = half.then { |w, h| w * h / Math.hypot(w, h) }
        def spot(x, y) = UpClose::Geometry::Point.new(x, y)
        def sides = half.then { |w, h| [1, -1].product([1, -1]).map { |x, y| spot(x * h, y * w).unit } }
        def dot(p, n) = p.x * n.x + p.y * n.y
        def inside_distance(p) = sides.map { |n| apothem - dot(p, n) }.min
        def support(n) = half.then { |w, h| [w * n.x.abs, h * n.y.abs].max }
        def corners = half.then { |w, h| [spot(w, 0), spot(0, h), spot(-w, 0), spot(0, -h)] }
        def path = UpClose::Geometry::Path.polygon(corners)
        def edge_normals = sides
        private def exit_distance(p, n)
          sides.select { |s| dot(s, n) > 1e-12 }.map { |s| (apothem - dot(p, s)) / dot(s, n) }.min
        end
      end
    end
  RUBY
  check = <<~RUBY
    module UpClose::Artwork::Checks
      module Squareness
        def self.call(subject)
          figure = "\#{(100 * subject.artwork.ink.aspect).round} %"
          UpClose::Finding.new(key: :squareness, title: "Squareness", verdict: :note, figure: figure)
        end
      end
    end
  RUBY

  folders = {
    UpClose::Methods => :WaxTissue,
    UpClose::Sealing => :EggWhite,
    UpClose::Surfaces => :Lozenge,
    UpClose::Artwork::Checks => :Squareness
  }

  define_method(:folders) { folders }

  def add(code)
    Tempfile.create(["added", ".rb"]) do |file|
      file.write(code)
      file.flush
      load file.path
    end
    folders.each_key(&:forget)
  end

  # what is added here is known to this process alone, so it does the workers' work too
  before do
    allow(Workers)
      .to receive(:call) { |receiver, verb, *arguments, **named| receiver.public_send(verb, *arguments, **named) }
  end

  after do
    folders.each { |folder, name| folder.send(:remove_const, name) if folder.const_defined?(name, false) }
    folders.each_key(&:forget)
  end

  it "is there on every page: one of each" do
    [method, sealer, shape, check].each { |code| add(code) }
    send_form "/jobs", "title" => "Fair"
    get "/jobs/#{Job.last.id}/pieces/new"
    expect(page_words).to include "Lozenge"
    send_form "/jobs/#{Job.last.id}/pieces",
      "name" => "tile",
      "shape" => "lozenge",
      "width_mm" => "100",
      "height_mm" => "60",
      "material" => "wood",
      "finish" => "sanded",
      "colour" => "#ecd9b0",
      "count" => "2"
    mark = Mark.last
    send_form "/marks/#{mark.id}/artwork",
      "kind" => "file", "file" => upload(svg('<rect width="40" height="20"/>'), "badge.svg")
    send_form "/marks/#{mark.id}/method", "method_key" => "wax-tissue", "printer" => "laser"
    send_form "/marks/#{mark.id}/place", "width" => "20"
    send_form "/marks/#{mark.id}/seal", "sealer" => "egg-white"
    expect(mark.reload).to have_attributes(method_key: "wax-tissue", sealer: "egg-white", width_mm: 20.0)
    # its corner (10, 5) to the side through (50, 0) and (0, 30): (50 × 30 − 10 × 30 − 5 × 50) ÷ √(30² + 50²)
    expect(mark.room.clearance).to be_within(1e-6).of(950 / Math.hypot(30, 50))
    %w[
      measure artwork?look=now method compare place sheet apply seal record pack.pdf sheets/1.svg bench-card.pdf
    ].each do |page|
      expect(get("/marks/#{mark.id}/#{page}").status).to eq(200), page
    end
    %w[/ /methods /methods/wax-tissue /timetable].each { |page| expect(get(page).status).to eq(200), page }
    expect(get("/marks/#{mark.id}/artwork?look=now") && page_words).to match(/Squareness 5 ?0 ?%/)
    expect(get("/marks/#{mark.id}/seal") && page_words).to include "Beaten egg white"
    send_form "/marks/#{mark.id}/runs"
    run = mark.reload.run
    expect(run.steps_core.map(&:key)).to include("iron", "cool", "seal_1", "seal_2")
    expect(get("/runs/#{run.id}").status).to eq 200
  end

  # a declaration left out, and one that cannot be
  {
    [
      method,
      "  chance 0.5\n"
    ] => /method .*WaxTissue does not say “chance” as it must. Give chance: above 0, at most 1/,
    [method, "  residue :toner\n", "  residue :glitter\n"] => /“residue”.*one of film, toner/,
    [method, "  printers :laser\n", "  printers :plotter\n"] => /“printers”.*:laser, :inkjet or both/,
    [method, '  stocks "letter-paper"', '  stocks "vellum"'] => /WaxTissue cannot be used: No stock is called “vellum”/,
    [method, "  on_a_miss :again", "  on_a_miss :shrug"] => /“on_a_miss”.*piece, again, rubbed_out/,
    [method, 'wait :cool, "Let it cool"', "wait :cool, coolness"] => /WaxTissue cannot be used: .*coolness/,
    [sealer, "  touch_s 1200\n"] => /sealer .*EggWhite does not say “touch_s” as it must. Give touch_s: a number/,
    [sealer, "  handle_s 7200\n", "  handle_s 600\n"] => /each no sooner than the one before/,
    [sealer, "  sheen :gloss\n", "  sheen :wet\n"] => /“sheen”.*gloss, satin, matt/,
    [shape, /  def path.*\n/] => /shape .*Lozenge does not say “path”/,
    [check, "self.call(subject)", "self.look(subject)"] => /check .*Squareness does not say “call”/
  }.each do |(code, left_out, instead), words|
    it "is refused in words when loaded, #{instead ? "with #{instead.strip}" : "without #{left_out.inspect}"}" do
      expect(code[left_out]).not_to be_nil
      expect {
        add(code.sub(left_out, instead.to_s))
        UpClose.check_definitions!
      }.to raise_error(UpClose::Errors::BadDefinition) { |error| expect(error.sentence).to match(words) }
    end
  end
end
