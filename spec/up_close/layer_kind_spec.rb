# frozen_string_literal: true

# Endings and words as programs of the last thirty years write them, and attributes that outdo them.
RSpec.describe UpClose::Boards::LayerKind do
  {
    "a.gtl" => %w[copper top], "b.GBL" => %w[copper bottom], "c.cmp" => %w[copper top], "d.sol" => %w[copper bottom],
    "x-F_Cu.gbr" => %w[copper top], "x-B_Cu.pho" => %w[copper bottom], "copper_top.gbr" => %w[copper top],
    "a.gts" => %w[mask top], "x-B_Mask.gbr" => %w[mask bottom], "a.gtp" => %w[paste top], "a.gbp" => %w[paste bottom],
    "a.gto" => %w[legend top], "x-B_SilkS.gbr" => %w[legend bottom], "a.gko" => %w[outline both],
    "x-Edge_Cuts.gbr" => %w[outline both], "board.outline" => %w[outline both], "a.drl" => %w[drill both],
    "x-NPTH.xln" => %w[drill both], "a.txt" => %w[drill both], "notes.gbr" => %w[other both]
  }.each do |name, kind|
    it("takes #{name} for #{kind.join(", ")}") { expect(described_class.guess(name)).to eq kind }
  end

  it "believes a file's own attribute before its name, and knows inner copper for none of ours" do
    told = ->(*function) { described_class.guess("a.gtl", "FileFunction" => function) }
    expect(told.call("Copper", "L2", "Bot")).to eq %w[copper bottom]
    expect(told.call("Soldermask", "Top")).to eq %w[mask top]
    expect(told.call("Profile", "NP")).to eq %w[outline both]
    expect(told.call("NonPlated", "1", "2", "NPTH")).to eq %w[drill both]
    expect(told.call("Copper", "L2", "Inr")).to eq %w[other both]
    expect(told.call("Glue", "Top")).to eq %w[copper top]
  end
end
