# frozen_string_literal: true

require_relative "../shop_helper"

BOX = '<rect width="40" height="20"/>'
RULED = '<rect x="2" y="2" width="60" height="20"/>' \
  '<rect y="28" width="64" height=".1"/><rect width="64" height=".1"/>'
SLIT = '<rect width="19.97" height="20"/><rect x="20.03" width="19.97" height="20"/>'
GAP = '<rect width="19.8" height="20"/><rect x="20.2" width="19.8" height="20"/>'
HULL = {"material" => "polystyrene", "finish" => "matt-paint", "colour" => "#1a2430"}.freeze
BRASS = {"material" => "brass", "finish" => "polished", "colour" => "#3a3020"}.freeze
JUG = {"shape" => "cylinder", "diameter_mm" => "95", "height_mm" => "90", "film_mm" => "0", "material" => "glazed",
       "finish" => "polished", "colour" => "#f2efe6"}.freeze
OFFSET = %w[ink-offset inkjet label-backing].freeze

# whose boldest button was not true, and their like: artwork, piece, way, width, and what is offered first
SITUATIONS_THAT_STOP = {
  "dark letters on a dark matt hull" => [BOX, HULL, %w[water-slide laser clear-film], 30, /In white: open letters/],
  "the same on brass" => [BOX, BRASS, %w[water-slide inkjet clear-film], 30, /In white: open letters/],
  "two thin rules on a jug" => [RULED, JUG, %w[water-slide laser clear-film], 80, /Thicken the lines by 0\.\d+ mm/],
  "a slit finer than any method holds" => [SLIT, {"width_mm" => "24", "height_mm" => "14"}, OFFSET, 20, nil],
  "a gap with room to grow" => [
    GAP, {"width_mm" => "180", "height_mm" => "120"}, OFFSET, 18, /Make it \d+(\.\d)? mm wide/
  ]
}.freeze

RSpec.describe Actions::Remedies, :shop do
  def stopped(artwork, piece, (method_key, printer, stock), width, *)
    send_form "/jobs", "title" => "Fair"
    send_form "/jobs/#{Job.last.id}/pieces", Shop::PLATE.merge(piece)
    mark = Mark.last
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(svg(artwork), "made.svg")
    send_form "/marks/#{mark.id}/method", "method_key" => method_key, "printer" => printer, "stock" => stock
    send_form "/marks/#{mark.id}/place", "width" => width.to_s
    Actions::LookAtArtwork.once(mark.reload)
    Mark.find(mark.id)
  end

  # all that is decided of it, and of its piece
  def decided(id)
    mark = Mark.find(id)
    mark.attributes.except("updated_at", "checked", "lock_version").merge(mark.piece.attributes.except("updated_at"))
  end

  # takes it as its button would, and back again
  # @return [Array<String>] what was not true of it
  def untrue(mark, offer)
    before, stop, names = decided(mark.id), mark.stops.open.first, mark.stops.all.map(&:name)
    send_form "/marks/#{mark.id}/remedy", "key" => offer.key, "stage" => "method"
    after = Mark.find(mark.id)
    wrong = []
    wrong << "its stop stays" if after.stops.all.map(&:name).include?(stop.name)
    wrong << "others came: #{after.stops.all.map(&:name) - names}" if (after.stops.all.map(&:name) - names).any?
    wrong << "it lies off the piece" unless after.room.fits?
    told = offer.words + offer.told
    moved = (after.width_mm - before["width_mm"]).abs > 0.005
    wrong << "its size changed unsaid" if moved && !told.include?("wide")
    wrong << "its place changed unsaid" if [after.x_mm, after.y_mm] != before.values_at("x_mm", "y_mm")
    wrong << "its purpose changed unsaid" if after.purpose != mark.purpose && !told.include?("to work over")
    wrong << "its chance is another" unless told.include?("#{(after.spares.chance * 100).round} in 100")
    expect(Actions::UndoChange.call(HistoryEntry.where(undone_at: nil).last, Time.now)).to be_nil
    back = decided(mark.id)
    other = back.reject { |name, value| before[name] == value }.keys - %w[prepared placed_at]
    wrong << "taken back it is not as before: #{other}" if other.any?
    wrong
  end

  SITUATIONS_THAT_STOP.each do |name, situation|
    it "offers for #{name} only what makes it go, brings nothing else, and can be taken back" do
      mark = stopped(*situation)
      expect(mark.stops.open).not_to be_empty
      offers = described_class.offers(mark)
      found = offers.to_h { |offer| [offer.words, untrue(Mark.find(mark.id), offer)] }
      expect(found.reject { |_, wrong| wrong.empty? }).to be_empty
      expect([offers.size <= 3, offers.first&.words]).to match [true, situation.last]
      page = get("/marks/#{mark.id}/method").body
      expect([page.scan("data-next").size, page.include?("No single change that we tried")]).to eq [1, offers.empty?]
    end
  end

  it "keeps nothing of what it tries" do
    mark = stopped(*SITUATIONS_THAT_STOP.values.first)
    before = [decided(mark.id), HistoryEntry.count, ChangeCount.counts.except("preferences")]
    described_class::KEPT.forget
    expect(described_class.offers(mark)).not_to be_empty
    expect([decided(mark.id), HistoryEntry.count, ChangeCount.counts.except("preferences")]).to eq before
    expect { mark.tried.save! }.to raise_error ActiveRecord::ReadOnlyRecord
  end

  it "leaves artwork and size of what is laid as they are" do
    mark = stopped(*SITUATIONS_THAT_STOP.fetch("a gap with room to grow"))
    mark.attempts.create!(copy: 1, piece: 1, result: "good", faults: [])
    expect(described_class.offers(Mark.find(mark.id)).map(&:key).grep(/\A(step|width)/)).to be_empty
  end

  it "thickens no lines of a photograph, which has none" do
    grey = Vips::Image.xyz(900, 700)[1] * 0.2 + 110
    sky = (grey + Vips::Image.gaussnoise(900, 700, mean: 0, sigma: 6, seed: 1)).cast(:uchar)
    mark = stopped(BOX, BRASS.merge("width_mm" => "60", "height_mm" => "50"), %w[water-slide inkjet clear-film], 30)
    photo = upload(sky.copy(interpretation: :b_w).jpegsave_buffer, "sky.jpg")
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => photo
    Actions::LookAtArtwork.once(Mark.find(mark.id))
    mark = Mark.find(mark.id)
    expect([mark.artwork.picture?, mark.stops.open.any?]).to eq [true, true]
    expect(described_class.offers(mark).map(&:key).grep(/thicken/)).to be_empty
  end

  it "makes no change that it does not offer" do
    mark = stopped(*SITUATIONS_THAT_STOP.values.first)
    before = decided(mark.id)
    send_form "/marks/#{mark.id}/remedy", "key" => "width:9000", "stage" => "place"
    expect([last_response.status, last_response["location"], decided(mark.id)])
      .to match [303, %r{/marks/#{mark.id}/remedies\z}, before]
  end
end
