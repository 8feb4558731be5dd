# frozen_string_literal: true

require "vips"

# Pictures as makers bring them, drawn from numbers: photographs, scans, labels, logos that were saved again and again.
# Shares nothing with what tells kinds and measures lines: shapes are drawn by the SVG renderer, tones by noise.
module DrawnPictures
  SIDE = 900

  # One picture: its bytes, a file name, and what is true of it.
  Drawn = Struct.new(:bytes, :name, :facts)

  module_function

  # @param seed [Integer]
  # @return [Drawn] a rendered scene: sky, hills, things of blurred edges; grain, vignette, damage
  def photograph(seed)
    random = Random.new(seed)
    wide, high = [[1600, 1200], [1200, 900], [900, 1200], [2400, 1600]].sample(random: random)
    image = scene(wide, high, random)
    image = image.bandmean if random.rand < 0.25
    image = camera(image, random)
    Drawn.new(image.jpegsave_buffer(Q: random.rand(55..92)), "scene-#{seed}.jpg", {kind: :photograph})
  end

  # sky that reaches near white, a hill of soft texture, a few solid things in it
  def scene(wide, high, random)
    y = Vips::Image.xyz(wide, high)[1] / high.to_f
    clouds = noise(wide, high, wide / random.rand(3..8), random) * random.rand(8..26)
    light = Array.new(3) { random.rand(195..250) }
    deep = Array.new(3) { random.rand(60..170) }
    sky = light.zip(deep).map { |a, b| y * (a - b) + b + clouds }
    ground = noise(wide, high, random.rand(10..40), random) * random.rand(10..40)
    soil = Array.new(3) { random.rand(30..150) }.map { |v| ground + v + y * random.rand(-40..40) }
    line = (noise(wide, high, wide / 3, random) * 0.08 + y) > random.rand(0.45..0.8)
    image = mixed(line.gaussblur(random.rand(0.6..2.5)), joined(soil), joined(sky))
    random.rand(2..7).times { image = thing(image, random) }
    image
  end

  # a lit thing: a shape of blurred edges, its colour shaded from one side to the other
  def thing(image, random)
    wide, high = image.width, image.height
    at = [rand_of(random, wide), rand_of(random, high)]
    size = random.rand(high / 14..high / 4)
    points = Array.new(random.rand(3..9)) { |i| point(at, size * random.rand(0.5..1.0), i * 40 + random.rand(30)) }
    mask = rendered(wide, high, "<polygon points='#{points.join(" ")}'/>")
    shade = Vips::Image.xyz(wide, high)[0] / size.to_f * random.rand(10..60)
    colour = joined(Array.new(3) { random.rand(10..235) }.map { |v| (shade - at[0] / size.to_f * 30) + v })
    mixed(mask.gaussblur(random.rand(0.5..2.0)), colour, image)
  end

  # what a camera adds: uneven light, a vignette, grain
  def camera(image, random)
    wide, high = image.width, image.height
    grid = Vips::Image.xyz(wide, high)
    x, y = grid[0] / wide.to_f - 0.5, grid[1] / high.to_f - 0.5
    fall = (x * x + y * y) * -random.rand(0.0..0.6) + 1
    grain = Vips::Image.gaussnoise(wide, high, mean: 0, sigma: random.rand(0.0..7.0), seed: random.rand(1000))
    tidy(image * fall + grain)
  end

  # @return [Drawn] line work of known widths on white: bars, arcs and frames of one width; facts: :line_px, :box_px
  def line_work(seed, damage: :none)
    random = Random.new(seed)
    line = random.rand(3..24)
    side = SIDE
    inset = random.rand(60..160)
    across = side - 2 * inset
    from, size = inset + line / 2.0, across - line
    frame = "<rect x='#{from}' y='#{from}' width='#{size}' height='#{size}'/>"
    round = "<circle cx='#{side / 2}' cy='#{side / 2}' r='#{across * 0.3}'/>"
    cross = "<path d='M#{inset + 90} #{side / 2}H#{side - inset - 90}'/>"
    drawn = [frame, round, cross].first(random.rand(1..3)).join
    colour = (random.rand < 0.5) ? "#111" : "#1b3f6e"
    image = colours(side, side, "<g fill='none' stroke='#{colour}' stroke-width='#{line}'>#{drawn}</g>")
    bytes, name = damaged(image, damage, random)
    Drawn.new(bytes, name, {kind: :lines, line_px: line, box_px: across})
  end

  # @return [Drawn] a logo of two to four even colours
  def logo(seed, damage: :none)
    random = Random.new(seed)
    inks = %w[#c22f2b #1b3f6e #e3a72f #2a7a4b #111111].sample(random.rand(2..4), random: random)
    shapes = inks.each_with_index.map do |ink, i|
      "<circle cx='#{220 + i * 150}' cy='#{320 + random.rand(-60..60)}' r='#{random.rand(70..130)}' fill='#{ink}'/>" \
        "<rect x='#{140 + i * 150}' y='#{600 + random.rand(40)}' width='110' height='#{random.rand(30..90)}' " \
        "fill='#{ink}'/>"
    end
    bytes, name = damaged(colours(SIDE, SIDE, shapes.join), damage, random)
    Drawn.new(bytes, name, {kind: :flat, inks: inks.size})
  end

  # @return [Drawn] a pencil drawing on grey paper with folds and uneven light; facts: the drawing's own box
  def scan(seed)
    random = Random.new(seed)
    side = SIDE
    strokes = Array.new(40) do
      x, y = random.rand(200..640), random.rand(200..640)
      bent, end_at = Array.new(2) { random.rand(-50..50) }, Array.new(2) { random.rand(20..60) }
      "<path d='M#{x} #{y}q#{(bent + end_at).join(" ")}'/>"
    end
    edge = "<rect x='180' y='180' width='540' height='540'/>"
    drawn = "<g fill='none' stroke='black' stroke-width='4'>#{strokes.join}#{edge}</g>"
    pencil = rendered(side, side, drawn).gaussblur(0.8)
    grid = Vips::Image.xyz(side, side)
    paper = grid[0] * random.rand(-0.02..0.02) + grid[1] * random.rand(-0.02..0.02) + random.rand(196..222)
    fold = ((grid[0] - side / 3).abs < 3).ifthenelse(-9, 0)
    grain = Vips::Image.gaussnoise(side, side, mean: 0, sigma: random.rand(2.0..5.0), seed: random.rand(1000))
    image = tidy(mixed(pencil, paper * 0 + random.rand(50..80), paper + fold) + grain)
    Drawn.new(image.jpegsave_buffer(Q: 85), "scan-#{seed}.jpg", {kind: :lines, box_px: 544})
  end

  # @return [Drawn] a newspaper's dots
  def halftone(seed)
    random = Random.new(seed)
    pitch = random.rand(12..20)
    dots = (2..SIDE / pitch - 3).to_a.repeated_permutation(2).map do |i, j|
      "<circle cx='#{i * pitch}' cy='#{j * pitch}' r='#{(pitch * (0.15 + 0.3 * i * pitch / SIDE)).round(2)}'/>"
    end
    Drawn.new(colours(SIDE, SIDE, dots.join).pngsave_buffer, "dots-#{seed}.png", {kind: :lines})
  end

  # @return [Drawn] a label: a photograph in the middle of words and lines of even colour
  def label(seed)
    random = Random.new(seed)
    photo = camera(scene(500, 380, random), random)
    print = colours(SIDE, SIDE, "<g fill='#123a2c'><rect x='60' y='60' width='780' height='60'/>" \
      "<rect x='60' y='780' width='780' height='24'/></g><g fill='none' stroke='#123a2c' stroke-width='6'>" \
        "<rect x='63' y='150' width='774' height='590'/></g>")
    Drawn.new(print.insert(photo.cast(:uchar), 200, 250).pngsave_buffer, "label-#{seed}.png",
      {kind: :mixed, line_px: 6, photo: [200, 250, 500, 380]})
  end

  # what each fault is told by: keys of checks
  FAULTS = {
    hair: %i[thinnest_line specks], off_white: %i[ground], counter: %i[thinnest_gap], white: %i[white],
    island: %i[specks thinnest_line]
  }.freeze

  # 780 pixels of ink to 60 mm
  FAULTY_PER_MM = 13.0

  # @param fault [Symbol] of FAULTS
  # @return [Drawn] bold bars with one known fault, at 60 mm: a hair of 0.1 mm across them, a ground nearly white, a
  #   ring whose hole is a slit of 0.1 mm, white letters on a clear ground, an island of 0.25 mm
  def faulty(seed, fault)
    random = Random.new(seed)
    bars = Array.new(4) { |i| "<rect x='60' y='#{60 + i * 150}' width='780' height='#{random.rand(60..100)}'/>" }.join
    at, thin = [random.rand(200..600), random.rand(730..800)], FAULTY_PER_MM * 0.1
    wrong = {
      hair: "<rect x='#{at[0] - 100}' y='#{at[1]}' width='#{random.rand(160..230)}' height='#{thin}'/>",
      counter: "<path fill-rule='evenodd' d='M#{at[0]} #{at[1]}h160v60h-160z m20 #{30 - thin / 2}" \
        "h#{random.rand(60..120)}v#{thin}H#{at[0] + 20}z'/>",
      island: "<rect x='#{at[0]}' y='#{at[1]}' width='#{FAULTY_PER_MM * 0.25}' height='#{FAULTY_PER_MM * 0.25}'/>"
    }.fetch(fault, "")
    return white_on_clear(random, bars) if fault == :white
    image = colours(SIDE, SIDE, "<g fill='#1b3f6e'>#{bars}#{wrong}</g>")
    image = tidy(image.cast(:float) * (random.rand(230..244) / 255.0)) if fault == :off_white
    Drawn.new(image.pngsave_buffer, "#{fault}-#{seed}.png", {fault: fault})
  end

  # white shapes over bars, on what is clear
  def white_on_clear(random, bars)
    letters = Array.new(3) do |i|
      "<rect x='#{120 + i * 200}' y='#{70 + i * 150}' width='#{random.rand(40..120)}' height='50'/>"
    end
    svg = "<svg xmlns='http://www.w3.org/2000/svg' width='#{SIDE}' height='#{SIDE}'><g fill='#1b3f6e'>#{bars}</g>" \
      "<g fill='white'>#{letters.join}</g></svg>"
    Drawn.new(Vips::Image.svgload_buffer(svg).pngsave_buffer, "white.png", {fault: :white})
  end

  # @param damage [Symbol] :none, :jpeg, :resaved five times, :blur
  def damaged(image, damage, random)
    return [image.pngsave_buffer, "drawn.png"] if damage == :none
    image = image.gaussblur(random.rand(0.6..1.4)) if damage == :blur
    times = (damage == :resaved) ? 5 : 1
    bytes = nil
    times.times do |i|
      bytes = image.cast(:uchar).jpegsave_buffer(Q: random.rand(60..90))
      image = Vips::Image.new_from_buffer(bytes, "")
      image = image.resize(1.003).crop(0, 0, image.width, image.height) if damage == :resaved && i == 1
    end
    [bytes, "drawn.jpg"]
  end

  # black drawn shapes as a mask, 0..255
  def rendered(wide, high, shapes)
    svg = "<svg xmlns='http://www.w3.org/2000/svg' width='#{wide}' height='#{high}'>#{shapes}</svg>"
    Vips::Image.svgload_buffer(svg)[3].cast(:float)
  end

  # shapes on white, three bands
  def colours(wide, high, shapes)
    svg = "<svg xmlns='http://www.w3.org/2000/svg' width='#{wide}' height='#{high}'>" \
      "<rect width='100%' height='100%' fill='white'/>#{shapes}</svg>"
    Vips::Image.svgload_buffer(svg).flatten(background: 255).cast(:uchar).copy(interpretation: :srgb)
  end

  def noise(wide, high, cell, random) = Vips::Image.perlin(wide, high, cell_size: cell, seed: random.rand(1000))

  def mixed(mask, over, under) = (over - under) * (mask / 255.0) + under

  def joined(bands) = bands.first.bandjoin(bands.drop(1))

  def tidy(image)
    image = (image < 0).ifthenelse(0, image)
    (image > 255).ifthenelse(255, image).cast(:uchar).copy(interpretation: (image.bands < 3) ? :"b-w" : :srgb)
  end

  def rand_of(random, size) = random.rand(size / 10..size * 9 / 10)

  def point(at, reach, degrees)
    angle = degrees * Math::PI / 180
    "#{(at[0] + reach * Math.cos(angle)).round(1)},#{(at[1] + reach * Math.sin(angle)).round(1)}"
  end
end
