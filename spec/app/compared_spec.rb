# frozen_string_literal: true

require_relative "../shop_helper"

RSpec.describe "every way, side by side, for a mark", :shop do
  let(:mark) { ready_mark }

  def order = last_response.body.scan(/<tr id="way-([\w-]+)"/).flatten

  # what is suggested stands first, whatever the order of the rest
  def by_pick(core, sort) = [core.pick, *(core.sorted(sort) - [core.pick])].map { |row| row.transfer_method.key }

  it "sorts by any figure, for either printer, and starts from what fits" do
    get "/marks/#{mark.id}/compare"
    expect(order.size).to eq UpClose::Methods.all.size
    expect(order).to eq by_pick(Presenters::Compared.new(mark).to_core, "fit")
    pick = Presenters::Compared.new(mark).to_core.pick.transfer_method.title.downcase
    expect(page_words).to match(/Compare all methods .* We suggest #{pick}\. .* in 100 succeed/)
    %w[chance hands elapsed line fumes heat cost].each do |sort|
      get "/marks/#{mark.id}/compare?printer=laser&sort=#{sort}"
      expect(order).to eq by_pick(Presenters::Compared.new(mark, "laser").to_core, sort)
    end
    get "/marks/#{mark.id}/compare?printer=press&sort=luck"
    expect(last_response.status).to eq 200
  end

  it "learns from what this shop wrote down, a sheet's price, and the fumes it accepts" do
    shown =
      ->(text) {
        get("/marks/#{mark.id}/compare?printer=laser") &&
          last_response.body[/<tr id="way-#{text}".*?<\/tr>/m].gsub(/<[^>]+>/, " ").squeeze(" \n")
      }
    expect(shown["solvent-rub"]).to match(/60 %.*no price/m)
    other = ready_mark(method_key: "solvent-rub", printer: "laser")
    6.times { |i| Attempt.create!(mark: other, copy: i + 1, result: "good", faults: []) }
    send_form "/stock/letter-paper", "pack_cents" => "5.20", "pack_sheets" => "500"
    # (0.6 × 4 + 6) ÷ 10
    expect(shown["solvent-rub"]).to match(/84 %.*(under 0\.01|0\.0\d)/m)
    expect(shown["solvent-rub"]).to match(/without toner, acetone, cotton swabs/)
    send_form "/stock/transfer-paper", "pack_cents" => "9.00", "pack_sheets" => "10"
    send_form "/supplies", "supply" => "acetone", "pack_cents" => "5.00", "pack_amount" => "100"
    send_form "/supplies", "supply" => "cotton-swabs", "pack_cents" => "1.00", "pack_amount" => "100"
    send_form "/supplies", "supply" => "toner", "pack_cents" => "0", "pack_amount" => "90"
    # 1 ml of the 2 poured at 5 cents, a swab at 1, and a sheet's share, of which 84 in 100 come out
    expect(shown["solvent-rub"]).to match(/84 %.*\s€0\.07\s.*0\.05 \+ 0\.01\) ÷ 0\.84 = 0\.07\d a good one/m)
    send_form "/preferences", "name" => "fumes", "value" => "none"
    expect(shown["solvent-rub"]).to match(/no.*gives off strong vapour/m)
  end

  it "starts a mark's spares at the chance its stock has, not its method's best" do
    etched = ready_mark(method_key: "heat-resist", printer: "laser", material: "brass", finish: "etched")
    chances = %w[resist-film photo-paper-front].map { |stock| etched.tap { |m| m.update!(stock: stock) }.spares.chance }
    expect(chances).to eq [0.85, 0.2]
    expect(etched.sealer_core.key).to eq "none"
  end

  it "hears how the piece is used, from its own page" do
    send_form "/marks/#{mark.id}/measure",
      "name" => "plate",
      "shape" => "rectangle",
      "width_mm" => "60",
      "height_mm" => "40",
      "material" => "brass",
      "finish" => "etched",
      "colour" => "#c9a646",
      "count" => "2",
      "uses" => %w[food skin juggling]
    expect(mark.piece.reload.uses).to eq %w[food skin]
    get "/marks/#{mark.id}/compare?printer=laser"
    expect(page_words).to match(/no finish food-safe.*Nickel and unknown alloys/)
    get "/marks/#{mark.id}/measure"
    expect(last_response.body).to match(/id="use-food"[^>]* checked/)
  end

  it "uses a way from the table, and takes one that is refused nowhere" do
    send_form "/marks/#{mark.id}/method", "method_key" => "gel-medium", "printer" => "laser", "stock" => "quick-peel"
    expect(mark.reload).to have_attributes(method_key: "gel-medium", sealer: be_a(String))
    asked = {"method_key" => "baked-medium", "printer" => "laser", "stock" => "letter-paper"}
    answer = send_form("/marks/#{mark.id}/method", asked)
    expect([answer.status, page_words]).to match [422, /Baked medium on metal is not for wood/]
    expect(mark.reload.method_key).to eq "gel-medium"
  end
end
