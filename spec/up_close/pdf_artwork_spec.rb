# frozen_string_literal: true

require "prawn"

RSpec.describe "PDF artwork" do
  def pdf(**options, &draw)
    Prawn::Document.new(page_size: [200, 100], margin: 0, **options).tap { |d| d.instance_eval(&draw) }.render
  end

  it "keeps lines as lines, at their own size" do
    art = opened(pdf { fill_color("aa2200") && fill_rectangle([20, 80], 100, 40) })
    expect([art.vector?, art.mm_per_unit, art.shapes.first.fill.to_hex]).to eq [true, 1.0, "#aa2200"]
    expect(art.ink.box.to_a).to match([20, 20, 100, 40].map { |v| be_within(1e-6).of(v * 25.4 / 72) })
  end

  it "carries stroke widths, and turns with its page" do
    art = opened(pdf { stroke { (self.line_width = 3) && circle([150, 50], 20) } })
    expect(art.ink.box.width).to be_within(0.01).of(43 * 25.4 / 72)
    turned = opened(pdf { (state.page.dictionary.data[:Rotate] = 90) && fill_rectangle([20, 80], 100, 40) })
    expect(turned.ink.aspect).to be_within(1e-6).of(2.5)
  end

  it "renders what lines cannot say, and says so" do
    art = opened(pdf { draw_text("hello", at: [10, 10]) })
    expect([art.vector?, art.notes.last]).to match [false, /holds letters in fonts, so it is printed as a picture/]
    expect(art.mm_per_unit * art.ink.box.width).to be_within(1.5).of(9.5) # five letters of 12 pt Helvetica are 27 pt
  end

  it "refuses locked, endless and damaged ones in plain words" do
    expect { opened(pdf { encrypt_document(user_password: "a", owner_password: "b") }) }
      .to refuse_saying(/locked with a password/, at: :file)
    expect { opened(pdf { 110.times { start_new_page } }) }.to refuse_saying(/111 pages; 100/, at: :file)
    expect { opened("%PDF-1.4\ngarbage") }.to refuse_saying(/incomplete or damaged/, at: :file)
    expect(opened(pdf { fill_rectangle([20, 80], 100, 40) && start_new_page }).notes)
      .to eq ["This PDF has 2 pages: the first is used."]
  end
end
