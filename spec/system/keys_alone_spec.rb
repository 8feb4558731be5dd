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
    reached = 90.times.any? { page.evaluate_script(name).match?(words) || press(:tab).then { false } }
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

  it "takes a name board from nothing to the first step at the bench" do
    visit "/"
    press_on(/\ABegin a job/)
    expect(page).to have_css("h1", text: "New job")
    type_into(/Name of the job/, "Night ferry")
    press(:enter)
    expect(page).to have_css("h1", text: "The piece and its size")
    type_into(/The piece/, "name board")
    type_into(/\AWidth/, "120")
    type_into(/\AHeight/, "30")
    press_on(/\ASay what it is for/)
    expect(page).to have_css("h1", text: "What is this mark for?")
    press_on(/\AChoose the artwork/)
    expect(page).to have_css("h1", text: "What goes on it")
    tab_to(/a picture or a drawing/)
    press(:right)
    type_into(/It reads/, "NIGHT FERRY")
    type_into(/Cap height/, "9")
    press_on(/\AUse this/)
    expect(page).to have_text("printed as lines")
    press_on(/\AChoose the method/)
    # the ways are one group: Tab comes to it, arrows go through it
    tab_to(/in 100/)
    press(:down) until page.evaluate_script(name).match?(/Water-slide/)
    tab_to(/laser/)
    press(:space)
    press_on(/\AUse this method/)
    expect(page).to have_css("h2", text: "Printed as it reads")
    press_on(/\APlace it/)
    tab_to(/arrow keys/i)
    press(:right, :right, %i[shift down])
    expect(page).to have_field("down", with: /1/)
    expect(Mark.last.reload).to have_attributes(x_mm: be_within(1e-6).of(0.2), y_mm: be_within(1e-6).of(1))
    press_on(/\ALay it out on a sheet/)
    expect(page).to have_text(/1 cop(y|ies) on 1 sheet/)
    press("6")
    press_on(/\AStart/)
    expect(page).to have_text(/Step 1 of/)
    press(:space)
    expect(page).to have_text(/Step 2 of/)
  end
end
