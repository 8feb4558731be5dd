# frozen_string_literal: true

require_relative "../system_helper"

RSpec.describe "by keyboard alone", :shop, :page do
  name = <<~JS
    (() => {
      const at = document.activeElement;
      if (!at || at === document.body) return "";
      const labels = [...(at.labels ?? [])].map((l) => l.textContent);
      return [at.getAttribute("aria-label"), ...labels, at.textContent, at.value].filter(Boolean)
        .join(" | ").replace(/\\s+/g, " ").trim();
    })()
  JS

  # ringed itself, or by its label, or a drawn thing by the frame drawn round it; and how tall
  seen = <<~JS
    (() => {
      const at = document.activeElement;
      const ringed = [at, at.labels?.[0]].filter(Boolean).map(getComputedStyle)
        .some((s) => s.outlineStyle !== "none" && parseFloat(s.outlineWidth) >= 2);
      const frame = at.querySelector(".grip");
      return [ringed || (frame && getComputedStyle(frame).stroke !== "none"), at.getBoundingClientRect().height];
    })()
  JS

  # Tab by Tab, as a maker without a pointer goes; each stop must be seen
  define_method(:tab_to) do |words|
    reached = 90.times.any? do
      page.evaluate_script(name).match?(words) || press(:tab).then { @pressed += 1 }.then { false }
    end
    raise "#{words.inspect} is not reached by Tab from #{page.current_path}" unless reached
    expect(page.evaluate_script(seen)).to match [true, be > 0]
  end

  def type_into(words, text)
    tab_to(words)
    press([:ctrl, "a"]) # over what stands there
    press(text)
  end

  def press_on(words)
    tab_to(words)
    press(:enter)
  end

  # keys pressed, letters typed into fields aside
  define_method(:pressed) { |*keys| keys.each { |key| press(key) && @pressed += 1 } }

  it "takes a name board from nothing to the first step at the bench, in at most 120 presses" do
    @pressed = 0
    visit "/"
    pressed("n")
    expect(page).to have_css("h1", text: "New job")
    type_into(/Name of the job/, "Night ferry")
    pressed(:enter)
    expect(page).to have_css("h1", text: "The piece and its size")
    type_into(/The piece/, "name board")
    type_into(/\AWidth/, "120")
    type_into(/\AHeight/, "30")
    pressed(:enter)
    expect(page).to have_css("h1", text: "What is this mark for?")
    pressed("n")
    expect(page).to have_css("h1", text: "What goes on it")
    tab_to(/a file/)
    pressed(:right)
    type_into(/Text/, "NIGHT FERRY")
    type_into(/Cap height/, "9")
    pressed(:enter)
    expect(page).to have_text("printed as lines")
    page.execute_script("document.activeElement.blur()")
    pressed("n")
    expect(page).to have_css("h1", text: "How to transfer it")
    # the ways are one group: Tab comes to it, arrows go through it
    tab_to(/in 100/)
    pressed(:down) until page.evaluate_script(name).match?(/Water-slide/)
    pressed("n")
    expect(page).to have_css("h2", text: "Print it as it reads")
    pressed("n")
    expect(page).to have_no_button("Set") # the page is awake
    tab_to(/arrow keys/i)
    pressed(:right, :right, %i[shift down])
    expect(page).to have_field("down", with: /1/)
    expect(Mark.last.reload).to have_attributes(x_mm: be_within(1e-6).of(0.2), y_mm: be_within(1e-6).of(1))
    pressed("n")
    expect(page).to have_css("h1", text: "Lay out and print").and have_text(/1 cop(y|ies) on 1 sheet/)
    pressed("6")
    expect(page).to have_css("h1", text: "The steps")
    pressed("n")
    expect(page).to have_text(/Step 1 of/)
    pressed(:space)
    expect(page).to have_text(/Step 2 of/)
    expect(@pressed).to be <= 120
  end

  # a file let fall on the page, once the page takes files
  def drop(name, words)
    50.times do
      page.execute_script("document.dispatchEvent(new DragEvent('dragover', {cancelable: true}))")
      break if page.has_css?("body.dropping", wait: 0.2)
    end
    page.execute_script(<<~JS, name, words)
      const files = new DataTransfer()
      files.items.add(new File([arguments[1]], arguments[0], { type: 'image/svg+xml' }))
      document.dispatchEvent(new DragEvent('drop', { dataTransfer: files, cancelable: true }))
    JS
  end

  it "prints a file that was dropped on the Bench in at most 8 presses, figures counted" do
    @pressed = 0
    visit "/"
    drop("gull.svg", svg('<rect width="40" height="20"/>'))
    expect(page).to have_css("h1", text: "Just print").and have_text("The file “gull.svg” is here")
    pressed("6", "0", :enter)
    expect(page).to have_css("h1", text: /60\s?\.\s?0 × 30\s?\.\s?0/)
    folder = Dir.mktmpdir
    page.driver.browser.downloads.set_behavior(save_path: folder)
    page.driver.browser.downloads.wait { pressed(:enter) }
    expect(Dir[File.join(folder, "*")].map { |path| File.binread(path, 4) }).to eq ["%PDF"]
    expect(@pressed).to be <= 8
  end
end
