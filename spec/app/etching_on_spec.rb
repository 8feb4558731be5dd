# frozen_string_literal: true

require "system_helper"

# An etch tried for real: a strip in the simulated bath, a depth measured at the bench, the rest corrected.
RSpec.describe "an etch that is measured", :shop, :page do
  let(:bath) { UpClose::Etching::Baths.fetch("ferric-chloride") }
  let(:copper) { UpClose::Etching::Metal.fetch("copper") }
  let(:device) { Devices::Simulated::EtchingBath.new }

  def tag
    job = Job.create!(title: "Tags")
    mark = Actions::SavePiece.create(job, Forms::PieceForm.new({
      "name" => "brass tag", "shape" => "rectangle", "width_mm" => "60", "height_mm" => "40", "material" => "brass",
      "finish" => "sanded", "colour" => "#c9a646", "count" => "1"
    }))
    Actions::ChoosePurpose.call(mark, Forms::PurposeForm.new({"purpose" => "resist", "afterwards_resist" => "etch"}))
    words = {"text" => "PELLOW", "font" => "overpass-bold", "cap_height" => "8"}
    artwork = Forms::ArtworkForm.new({"kind" => "lettering", "source" => "me", **words})
    Actions::AddArtwork.call(mark, artwork) or raise artwork.errors.inspect
    form = Forms::MethodForm.new({"method_key" => "heat-resist", "printer" => "laser"})
    Actions::ChooseMethod.call(mark, form) or raise form.errors.inspect
    Actions::LookAtArtwork.once(mark)
    mark.reload
  end

  it "in the simulated bath takes longer than the table says, and warms" do
    hour = device.ask(bath: bath, metal: copper, seconds: 3600).value!
    table = 60 * bath.rate(copper, temperature_c: UpClose::Etching::Bath::TOLD_C, motion: :moved, taken_g_l: 0)
    expect(hour.depth_um).to be_between(table * 0.78, table * 0.78 * 1.25)
    expect(hour.temperature_c).to be > UpClose::Etching::Bath::TOLD_C + 1
    expect(device.ask(bath: bath, metal: copper, seconds: 0)).not_to be_ok
    silver = UpClose::Etching::Metal.fetch("silver")
    expect(device.ask(bath: bath, metal: silver, seconds: 60).error.message).to include("does not eat silver")
  end

  it "comes out nearer by a strip, and nearer still by a look between" do
    wanted = 150.0
    told = ->(seconds) { device.ask(bath: bath, metal: copper, seconds: seconds).value!.depth_um }
    blind = UpClose::Etching::InBath.new(bath: bath, metal: copper).time_s(wanted / 1000)
    strip = UpClose::Etching::StripTest.new(depth_mm: told.call(900) / 1000, seconds: 900)
    by_strip = UpClose::Etching::InBath.new(bath: bath, metal: copper, strip: strip).time_s(wanted / 1000)
    look = by_strip / 2
    left = UpClose::Etching::StripTest.new(depth_mm: told.call(look) / 1000, seconds: look).left_s(wanted / 1000)
    off = [blind, by_strip, look + left].map { |seconds| (told.call(seconds) - wanted).abs }
    expect(off).to eq off.sort.reverse
    expect(off.last).to be < 6
    expect(off.first).to be > 20
  end

  it "is set up by a strip, widened, by current or with a finish, at the page" do
    mark = tag
    visit "/marks/#{mark.id}/bath"
    click_on "Etch a strip in the simulated bath"
    expect(page).to have_field("strip_min", with: "15")
    fill_in "strip_um", with: ""
    fill_in "strip_min", with: "20"
    fill_in "strip_mg", with: "152"
    fill_in "strip_mm2", with: "1000"
    click_on "Save and work it out"
    # 0.152 g ÷ 8.47 g/cm³ ÷ 1000 mm² = 17.9 µm
    expect(page).to have_field("strip_um", with: "17.9")
    select "current from a supply", from: "By"
    find("summary", text: "Bare area").click
    fill_in "limit_a", with: "0.2"
    check "Back and edges are bare too"
    select "Dark ground, bright faces", from: "When it is etched"
    click_on "Save and work it out"
    # the strip told of the bath, not of the current
    expect(MarkEtching.new(mark.reload).current.efficiency).to eq 0.9
    expect(page).to have_text("by current of 0.2 A").and have_text("Volts follow from bath and distance")
    expect(mark.reload.planned.steps.map(&:key)).to include("patina", "brighten")
    width = mark.width_mm
    click_on "Widen the resist by 0.067 mm"
    expect(page).to have_css("h1", text: "Depth and time")
    # 2 × 0.1 ÷ 1.5 wider over all
    expect(mark.reload.width_mm - width).to be_within(0.01).of(0.1333)
  end

  it "is corrected at the bench by what is measured between two laps" do
    mark = tag
    form = Forms::BathForm.new({"depth" => "0.3", "bath" => "citric-peroxide"}, etching: MarkEtching.new(mark))
    Actions::ChooseBath.call(mark, MarkEtching.new(mark, typed: form.values), form) or raise form.errors.inspect
    mark.reload
    run = mark.runs.create!(began_at: Time.now, steps: mark.planned.written_out.map(&:to_h))
    at = run.began_at
    until (step = run.clockwork.state(at.to_f).step).key == "look_1"
      at += step.least_s
      Actions::RunMarks.finish_step(run, step.key, at)
      run = Run.find(run.id)
    end
    laps = run.steps_core.count { |one| one.key.start_with?("etch") }
    visit "/runs/#{run.id}"
    expect(page).to have_text("How deep is it now, µm? Wanted: 300.")
    fill_in "depth_um", with: "much"
    click_on "Work out the rest"
    expect(page).to have_text("Type the depth in µm, such as 42.")
    click_on "Ask the simulated gauge"
    expect(page).to have_text("How deep is it now")
    corrected = Run.find(run.id).steps_core
    expect(corrected.map(&:key)).to include("rinse", "strip").and(satisfy { |keys| keys.uniq.size == keys.size })
    # no longer as the table had it
    expect(corrected.select { |one| one.key.start_with?("etch") }.sum(&:least_s)).not_to be_within(600).of(mark.work_s)
    expect(laps).to be > 1
    expect(mark.reload.etching["strip_min"]).to be > 0
  end
end
