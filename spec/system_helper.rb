# frozen_string_literal: true

require_relative "shop_helper"
require "capybara/rspec"
require "capybara/cuprite"
require "rspec/retry"

Capybara.register_driver(:cuprite) do |app|
  Capybara::Cuprite::Driver.new(
    app,
    browser_path: "/usr/bin/chromium",
    window_size: [1280, 800],
    process_timeout: 90,
    timeout: 90,
    js_errors: true,
    browser_options: {
      "no-sandbox" => nil,
      "disable-background-networking" => nil,
      "disable-component-update" => nil,
      "disable-sync" => nil
    }
  )
end
Capybara.default_driver = :cuprite
Capybara.server = :puma, {Silent: true, Threads: "2:16"}
Capybara.app = Web
# no example is about how fast a machine is: what has not come by then does not come
Capybara.default_max_wait_time = 60

# What a person does at the real page.
module AtThePage
  AXE = File.join(Gem.loaded_specs["axe-core-api"].gem_dir, "node_modules/axe-core/axe.min.js")

  def press(*keys) = page.driver.browser.keyboard.type(*keys)

  ALL_RULES = '["wcag2a", "wcag2aa", "wcag21a", "wcag21aa", "wcag22aa"]'
  # all that another light changes
  CONTRAST = '{type: "rule", values: ["color-contrast"]}'

  # each violation, with the first places and what is wrong there
  TOLD = <<~JS
    (result) => arguments[0](result.violations.map((violation) => {
      const why = (node) => (node.any[0] || node.all[0] || { message: "" }).message
      const places = violation.nodes.map((node) => node.target.join(" ") + " " + why(node))
      return violation.id + ": " + places.slice(0, 3).join(" | ")
    }))
  JS

  # what axe finds wrong at WCAG 2.2 AA
  def barriers(rules = ALL_RULES)
    # in one go, so that the page that is looked at is the one that axe came to
    found = page.evaluate_async_script("#{File.read(AXE)}\naxe.run(document, {runOnly: #{rules}}).then(#{TOLD})")
    found.map { |line| "#{page.current_path} #{line}" }
  end

  # no barriers at full width, and nothing to scroll sideways on a narrow phone
  # @yield each path once it is open, to wait for what it still brings
  # @param light [String] in the shed's, contrast alone is looked at: the rest is as by day
  def expect_open_to_all(paths, light: "day")
    found = paths.flat_map do |path|
      visit(path)
      yield path if block_given?
      barriers((light == "day") ? ALL_RULES : CONTRAST)
    end
    expect(found).to be_empty, found.join("\n")
    return if light != "day"
    page.driver.resize(360, 780)
    expect(
      paths.reject { |path| visit(path).then { page.evaluate_script("document.documentElement.scrollWidth <= 360") } }
    )
      .to be_empty
  ensure
    page.driver.resize(1280, 800)
  end

  # requests that left this machine
  def strays
    page.driver.browser.network.traffic.map { |t| t.request&.url.to_s }.reject do |url|
      url.empty? || url.start_with?("http://127.0.0.1", "data:", "blob:", "about:")
    end
  end

  # a key at the bench, once its page is awake
  def bench_key(key)
    expect(page).to have_css("[data-done]:focus")
    press(key)
  end

  # the step that stands there: by a key, or, before its time, by its second, smaller way
  def do_step(key = :space)
    page.has_css?("[data-early]:not([hidden])", wait: 0) ? find("[data-early] button").click : bench_key(key)
  end

  STEP = "form.done-form input[name=step]"

  # the key of the step that stands there; nil when all are done
  def step_at_hand = page.first(STEP, visible: :all, minimum: 0, wait: 0)&.value

  # presses, and waits till another stands there
  def step_done(key = :space)
    before = step_at_hand
    do_step(key)
    expect(page).to have_no_css("#{STEP}[value='#{before}']", visible: :all)
  end

  def drag(from, by_x, by_y)
    mouse = page.driver.browser.mouse
    mouse.move(x: from[0], y: from[1]).down
    4.times { |i| mouse.move(x: from[0] + by_x * (i + 1) / 4.0, y: from[1] + by_y * (i + 1) / 4.0) }
    mouse.up
  end

  def middle_of(selector)
    page.evaluate_script(<<~JS)
      (r => [r.x + r.width / 2, r.y + r.height / 2])(
        document.querySelector(#{selector.to_json}).getBoundingClientRect()
      )
    JS
  end

  def saved(file, bytes) = File.join(HOME, file).tap { |path| File.binwrite(path, bytes) }
end

RSpec.configure do |config|
  config.include Capybara::DSL, :page
  config.include AtThePage, :page
  config.after(:each, :page) { Capybara.reset_sessions! }
  # what a loaded machine misses is tried once more, and said: see docs/decisions/055
  config.verbose_retry = config.display_try_failure_messages = true
  config.retry_count_condition = ->(example) { 2 if example.metadata[:page] }
end
