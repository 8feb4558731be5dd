# frozen_string_literal: true

# A job from its piece to its record, as a maker walks it at the real pages.
module AtThePages
  # the one next action of the page
  def press_next(words = nil)
    expect(page).to have_css("[data-next]", text: words, count: 1)
    find("[data-next]").click
  end

  def begin_piece(name, shape, material: "wood", finish: "bare, sanded smooth", count: 1, uses: [], **measures)
    send_form "/jobs", "title" => name
    visit "/jobs/#{Job.last.id}/pieces/new"
    fill_in "The piece", with: name
    select shape, from: "Shape"
    measures.each { |label, value| fill_in label.to_s.tr("_", " ").capitalize, with: value.to_s }
    select material, from: "Material"
    select finish, from: "Finish"
    fill_in "How many pieces", with: count.to_s
    uses.each { |use| check use }
    press_next
    expect(page).to have_css("h1", text: "What is this mark for?")
  end

  def for_purpose(title, afterwards: nil)
    choose title, allow_label_click: true
    choose afterwards if afterwards
    press_next "Choose the artwork"
  end

  def artwork(drawing = '<path d="M2 2h36v16H2z" fill="none" stroke="#000" stroke-width="1.4"/>')
    attach_file "The file: SVG, PDF, PNG or JPEG", saved("mark.svg", svg(drawing))
    press_next "Use this"
    press_next "Choose the method"
  end

  # the way that we suggest is ticked
  def suggested = page.first(".options .option input[name=method_key]:checked", visible: :all).value

  def by(title, printer: nil)
    choose printer if printer
    choose title, allow_label_click: true if title
    press_next "Use this method"
    expect(page).to have_css("h2", text: /Print it/)
    press_next "Place it"
  end

  def place_and_print(wide, prints: nil)
    fill_in "wide", with: wide.to_s
    press(:tab)
    expect(page).to have_field("wide", with: /#{wide}/)
    press_next "Lay it out on a sheet"
    fill_in "prints", with: prints.to_s if prints
    press_next "Lay out" if prints
    expect(page).to have_css("[data-next]", text: "Print pack, PDF")
  end

  # from a sheet laid out: each is the page's next action once the one before it is done
  def start
    ["Print pack, PDF", "I have printed it", "To the bench", "Start"].each { |words| press_next words }
    expect(page).to have_css("form.done-form", visible: :all)
    Run.last
  end

  # as far as one step, as the server does it
  def walk(run, key)
    run.reload.steps_core.take_while { |step| step.key != key }.each do |step|
      next if run.reload.step_ends.any? { |e| e.step == step.key }
      Actions::RunMarks.finish_step(run, step.key, Time.now)
    end
    visit "/runs/#{run.id}"
  end

  def to_the_end(run)
    run.reload.steps_core.each { |step| Actions::RunMarks.finish_step(run.reload, step.key, Time.now) }
    # the bench takes itself up anew when its steps are done elsewhere
    visit "/runs/#{run.id}" unless page.has_current_path?("/runs/#{run.id}", wait: 0)
    press_next "Record how it came out"
    find("button", text: /(are|is) good/).click
    expect(page).to have_css("h2", text: /All \d+ are good|It is good/)
  end

  def keys(run) = run.reload.steps_core.map(&:key)
end
