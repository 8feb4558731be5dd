# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "figures of a mark", :shop do
  let(:mark) { ready_mark }

  it "grow with it since it was looked at: a line twice as long and twice as thick" do
    mark.update!(checked: {"width_mm" => 15.0, "finest_mm" => 0.2, "line_mm" => 100.0}, width_mm: 30.0)
    expect([mark.planned.grown(:finest_mm), mark.setting.size.line_mm]).to eq [0.4, 200.0]
  end

  it "want a copy for each repeat on each piece" do
    mark.update!(repeats: {"kind" => "round", "count" => 4})
    expect([mark.piece.count, mark.good_wanted]).to eq [2, 8]
  end

  it "are printed the way round that is told, in rows and where copies are laid out freely" do
    letter = svg('<path d="M0 0h40v4h-36v16h-4z"/>')
    send_form "/marks/#{mark.id}/artwork", "kind" => "file", "file" => upload(letter, "ell.svg")
    send_form "/marks/#{mark.id}/place", "width" => "30"
    drawn = %w[auto as-is mirrored].to_h do |reading|
      one = Mark.find(mark.id).tap { |found| found.update!(reading: reading) }
      bytes = Shelves::PrintFiles.bytes(one.printing.pack, "svg", title: "x", sheet: 1, dpi: 300)
      [reading, [bytes[/<(svg|g).*/m].gsub(/not mirrored|mirrored|as it reads/, ""), one.printing.sheet_kind.mirrored]]
    end
    # face down: one turn
    expect(drawn.transform_values(&:last)).to eq("auto" => true, "as-is" => false, "mirrored" => true)
    expect(drawn["auto"].first).to eq drawn["mirrored"].first
    expect(drawn["auto"].first).not_to eq drawn["as-is"].first
  end
end
