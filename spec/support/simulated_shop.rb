# frozen_string_literal: true

# A shop whose tries fail for reasons that nobody is told: each mechanism acts when its own conditions are met, leaves
# its own traces, and is written from the handbook's text, not from the weights of the diagnosis. Seeded; a fifth of
# what is told of a try is missing or wrong.
class SimulatedShop
  # One failed try: what is told of it, and why it truly failed. Frozen.
  Try = Struct.new(:choice, :facts, :cause)

  # cause: the true one. only: methods that can have it. happens: its chance in each circumstance, 0..1.
  # leaves: fault → how often. shows: place → how often.
  Mechanism = Struct.new(:cause, :only, :happens, :leaves, :shows, keyword_init: true)

  MECHANISMS = [
    Mechanism.new(
      cause: "tacky-medium", only: %w[gel-medium varnish-paper lacquer-pull baked-medium],
      happens: ->(t) { t.over("lay").then { |over| (over > 0) ? 0.75 : 0.0 } },
      leaves: {"missing-spots" => 0.95, "bubbles" => 0.15}, shows: {rim: 0.5, everywhere: 0.2}
    ),
    Mechanism.new(
      cause: "dried-ink", only: %w[ink-offset], happens: ->(t) { (t.over("lay") > 0) ? 0.8 : 0.0 },
      leaves: {"faint" => 0.85, "missing-spots" => 0.3}, shows: {everywhere: 0.6}
    ),
    Mechanism.new(
      cause: "rough-ground", only: %w[gel-medium solvent-rub iron-on ink-offset],
      happens: ->(t) { (t.grit && t.grit < 150) ? 0.6 : 0.02 },
      leaves: {"missing-spots" => 0.9, "patchy" => 0.5}, shows: {along_grain: 0.7}
    ),
    Mechanism.new(
      cause: "dirty-ground", only: %w[heat-resist baked-medium gel-medium lacquer-pull], happens: ->(_) { 0.08 },
      leaves: {"missing-spots" => 0.95, "lifted" => 0.4}, shows: {one_side: 0.4, rim: 0.3}
    ),
    Mechanism.new(
      cause: "too-little-pressure", only: %w[solvent-rub ink-offset iron-on heat-resist tape-lift],
      happens: ->(t) { (t.passes && t.passes < 2) ? 0.6 : 0.05 },
      leaves: {"faint" => 0.6, "patchy" => 0.7, "missing-spots" => 0.4}, shows: {solids: 0.5}
    ),
    Mechanism.new(
      cause: "too-cool", only: %w[heat-resist iron-on], happens: ->(t) { (t.room < 12) ? 0.4 : 0.05 },
      leaves: {"missing-spots" => 0.9, "torn" => 0.2, "faint" => 0.3}, shows: {rim: 0.6}
    ),
    Mechanism.new(
      cause: "too-hot", only: %w[heat-resist iron-on], happens: ->(_) { 0.07 },
      leaves: {"smeared" => 0.75, "brown" => 0.5}, shows: {middle: 0.3}
    ),
    Mechanism.new(
      cause: "overbaked", only: %w[baked-medium], happens: ->(t) { (t.over("bake") > 0) ? 0.85 : 0.01 },
      leaves: {"yellowed" => 0.9, "brown" => 0.6}, shows: {everywhere: 0.7}
    ),
    Mechanism.new(
      cause: "slid", only: %w[solvent-rub heat-resist ink-offset lacquer-pull iron-on], happens: ->(_) { 0.06 },
      leaves: {"smeared" => 0.95, "crooked" => 0.4}, shows: {one_side: 0.4}
    ),
    Mechanism.new(
      cause: "too-wet", only: %w[solvent-rub], happens: ->(_) { 0.1 },
      leaves: {"smeared" => 0.8, "bled" => 0.5}, shows: {solids: 0.4}
    ),
    Mechanism.new(
      cause: "peeled-early", only: %w[gel-medium heat-resist lacquer-pull],
      happens: ->(t) { (t.under("set") > 0 || t.under("cool") > 0) ? 0.75 : 0.0 },
      leaves: {"torn" => 0.8, "missing-spots" => 0.6}, shows: {one_side: 0.4}
    ),
    Mechanism.new(
      cause: "rubbed-through", only: %w[gel-medium varnish-paper tape-lift baked-medium], happens: ->(_) { 0.07 },
      leaves: {"torn" => 0.7, "missing-spots" => 0.7}, shows: {thin_lines: 0.5, rim: 0.3}
    ),
    Mechanism.new(
      cause: "paper-left", only: %w[varnish-paper tape-lift baked-medium], happens: ->(_) { 0.12 },
      leaves: {"haze" => 0.97}, shows: {everywhere: 0.5, middle: 0.3}
    ),
    Mechanism.new(
      cause: "trapped-air", only: %w[water-slide gel-medium tape-lift foil-skin baked-medium], happens: ->(_) { 0.08 },
      leaves: {"bubbles" => 0.95, "silvering" => 0.3}, shows: {middle: 0.5}
    ),
    Mechanism.new(
      cause: "thick-medium", only: %w[gel-medium varnish-paper baked-medium], happens: ->(_) { 0.05 },
      leaves: {"wrinkles" => 0.85, "bubbles" => 0.2}, shows: {middle: 0.3}
    ),
    Mechanism.new(
      cause: "thin-parts", only: %w[gel-medium solvent-rub heat-resist water-slide lacquer-pull],
      happens: ->(t) { (t.finest < t.holds) ? 0.7 : 0.0 },
      leaves: {"missing-spots" => 0.8, "torn" => 0.4, "faint" => 0.2}, shows: {thin_lines: 0.85}
    ),
    Mechanism.new(
      cause: "large-solid", only: %w[solvent-rub ink-offset], happens: ->(t) { (t.solid > 12) ? 0.6 : 0.0 },
      leaves: {"patchy" => 0.95, "missing-spots" => 0.2}, shows: {solids: 0.85}
    ),
    Mechanism.new(
      cause: "ran-under-rollers", only: %w[ink-offset], happens: ->(_) { 0.08 },
      leaves: {"roller-tracks" => 0.97}, shows: {one_side: 0.3}
    ),
    Mechanism.new(
      cause: "unsealed-print", only: %w[water-slide], happens: ->(t) { (t.inkjet && !t.print_sealed) ? 0.9 : 0.0 },
      leaves: {"ran" => 0.9, "lost" => 0.05}, shows: {everywhere: 0.4, rim: 0.3}
    ),
    Mechanism.new(
      cause: "matt-ground", only: %w[water-slide], happens: ->(t) { t.matt ? 0.7 : 0.0 },
      leaves: {"silvering" => 0.95, "lifted" => 0.2}, shows: {everywhere: 0.5}
    ),
    Mechanism.new(
      cause: "strained", only: %w[water-slide foil-skin], happens: ->(t) { (t.strain > 0.03) ? 0.6 : 0.0 },
      leaves: {"wrinkles" => 0.9, "lifted" => 0.3, "torn" => 0.2}, shows: {rim: 0.6}
    ),
    Mechanism.new(
      cause: "old-film", only: %w[water-slide], happens: ->(_) { 0.06 },
      leaves: {"cracked" => 0.8, "torn" => 0.5}, shows: {}
    ),
    Mechanism.new(
      cause: "dry-paper", only: %w[foil-skin lacquer-pull], happens: ->(t) { (t.under("soak") > 0) ? 0.85 : 0.04 },
      leaves: {"white-spots" => 0.85, "torn" => 0.4}, shows: {middle: 0.5}
    ),
    Mechanism.new(
      cause: "dried-slowly", only: %w[foil-skin], happens: ->(t) { (t.over("dry") > 0) ? 0.8 : 0.0 },
      leaves: {"cracked" => 0.9}, shows: {}
    ),
    Mechanism.new(
      cause: "printed-unturned", only: %w[solvent-rub gel-medium ink-offset], happens: ->(_) { 0.02 },
      leaves: {"wrong-way" => 0.99}, shows: {}
    ),
    Mechanism.new(
      cause: "scaled-print", only: %w[water-slide solvent-rub gel-medium],
      happens: ->(t) { t.calibrated ? 0.01 : 0.12 },
      leaves: {"wrong-size" => 0.97}, shows: {}
    ),
    Mechanism.new(
      cause: "laid-off-the-lines", only: %w[water-slide gel-medium ink-offset solvent-rub], happens: ->(_) { 0.06 },
      leaves: {"crooked" => 0.97}, shows: {}
    ),
    Mechanism.new(
      cause: "damp-coat", only: %w[water-slide solvent-rub gel-medium tape-lift ink-offset],
      happens: ->(t) { (t.damp > 80) ? 0.5 : 0.0 }, leaves: {"whitened" => 0.95}, shows: {everywhere: 0.5}
    ),
    Mechanism.new(
      cause: "coat-too-wet", only: %w[water-slide solvent-rub ink-offset gel-medium], happens: ->(_) { 0.04 },
      leaves: {"cracked" => 0.5, "ran" => 0.5, "bled" => 0.4}, shows: {rim: 0.3}
    )
  ].freeze

  FOR = {
    "gel-medium" => ["laser", "wood"], "varnish-paper" => ["laser", "wood"], "solvent-rub" => ["laser", "wood"],
    "iron-on" => ["laser", "wood"], "ink-offset" => ["inkjet", "wood"], "tape-lift" => ["laser", "glass"],
    "baked-medium" => ["laser", "brass"], "heat-resist" => ["laser", "brass"], "lacquer-pull" => ["laser", "copper"],
    "water-slide" => ["inkjet", "polystyrene"], "foil-skin" => ["laser", "wood"]
  }.freeze

  # One circumstance, as it truly was.
  Circumstance = Struct.new(
    :method_key, :printer, :material, :finish, :grit, :room, :damp, :passes, :finest, :holds, :solid, :strain, :matt,
    :print_sealed, :calibrated, :off, keyword_init: true
  ) do
    def inkjet = printer == "inkjet"

    # seconds beyond a window, or short of it
    def over(step) = [off.fetch(step, 0), 0].max

    def under(step) = [-off.fetch(step, 0), 0].max
  end

  def initialize(seed)
    @random = Random.new(seed)
  end

  # @return [Array<Try>] so many failed ones
  def failed(number)
    tries = []
    tries << one while tries.compact.size < number
    tries.compact
  end

  private

  def draw(share) = @random.rand < share

  def pick(list) = list[@random.rand(list.size)]

  def between(from, to) = from + (to - from) * @random.rand

  # @return [Try, nil] nil when it came out
  def one
    was = circumstance
    acting = MECHANISMS.select { |m| m.only.include?(was.method_key) && draw(m.happens.call(was)) }
    return if acting.empty?
    cause = pick(acting)
    faults = cause.leaves.select { |_, often| draw(often) }.keys
    return if faults.empty?
    places = cause.shows.select { |_, often| draw(often) }.keys
    choice = choice_of(was)
    Try.new(choice, told(was, choice, faults, places), cause.cause)
  end

  def circumstance
    method = pick(FOR.keys)
    printer, material = FOR.fetch(method)
    Circumstance.new(
      method_key: method, printer: printer, material: material, finish: draw(0.3) ? "raw" : "sanded",
      grit: (material == "wood") ? pick([80, 120, 180, 240, 320]) : 400, room: between(8, 26), damp: between(35, 92),
      passes: pick([1, 2, 3, 3, 4, 4]), finest: between(0.12, 0.8), holds: 0.25, solid: between(2, 22),
      strain: draw(0.2) ? between(0.03, 0.09) : 0.0, matt: draw(0.25), print_sealed: draw(0.75),
      calibrated: draw(0.6), off: {"lay" => off(0.3, 240), "bake" => off(0.3, 600), "set" => -off(0.3, 250),
                                   "cool" => -off(0.3, 100), "soak" => -off(0.3, 60), "dry" => off(0.3, 900)}
    )
  end

  def off(often, most) = draw(often) ? between(10, most) : 0

  def choice_of(was)
    material = UpClose::Materials.material(was.material)
    finish = UpClose::Materials.finish(
      if was.method_key == "water-slide"
        was.matt ? "matt-paint" : "gloss-paint"
      else
        was.finish
      end
    )
    UpClose::Methods::MethodChoice.new(
      method: UpClose::Methods.fetch(was.method_key), printer: was.printer, material: material, finish: finish,
      picked: if was.method_key == "water-slide"
                {seal_print: was.print_sealed ? :coats : :bare}
              else
                {}
              end
    )
  end

  # a fifth of it is missing or wrong
  def told(was, choice, faults, places)
    UpClose::Diagnosis::Facts.new(
      choice: choice, faults: faults, places: places.reject { draw(0.2) },
      sealer: UpClose::Sealing.fetch(choice.transfer_method.seals_with || "none"),
      times: choice.steps.filter_map { |step| time(step, was) },
      passes: passes(choice, was),
      given: {
        grit: heard(was.grit, [80, 400]), temperature_c: heard(was.room, [20.0]), humidity: heard(was.damp, [50.0]),
        finest_mm: heard(was.finest, [0.5]), line_limit_mm: was.holds, solid_mm: heard(was.solid, [5.0]),
        solid_limit_mm: 12.0, strain: heard(was.strain, [0.0]), calibrated: heard(was.calibrated, [true, false])
      }.compact
    )
  end

  # @return [Object, nil] as it was; one time in ten not known, one time in ten wrong
  def heard(value, wrong)
    return if draw(0.1)
    draw(0.1) ? pick(wrong) : value
  end

  def time(step, was)
    off = was.off[step.key].to_f
    off = heard(off, [0.0]) or return
    bounds = {earliest_s: step.earliest_s, latest_s: step.latest_s}
    if step.wait?
      most = step.most_s || step.least_s * 1.5
      took = off.positive? ? most + off : step.least_s + (most - step.least_s) * 0.3 + off
      return UpClose::Record::StepTime.new(
        step: step.key, title: step.title, took_s: took, least_s: step.least_s, most_s: step.most_s
      )
    end
    return unless step.latest_s
    after = off.positive? ? step.latest_s + off : step.earliest_s.to_f + (step.latest_s - step.earliest_s.to_f) * 0.4
    UpClose::Record::StepTime.new(step: step.key, title: step.title, after_s: after, took_s: 10, **bounds)
  end

  def passes(choice, was)
    step = choice.steps.find(&:passes) or return {}
    count = heard(was.passes, [4]) or return {}
    {step.key => [count, step.passes]}
  end
end
