# frozen_string_literal: true

# Closed forms against sums of small steps; a photo straightened.
module Bench
  cup = UpClose::Surfaces.build("cup", {top_mm: 82, foot_mm: 60, slant_mm: 95})
  steps = 20_000
  worst = [0.1, 0.5, 0.9].map { |along|
    radius = 41 - 11 * along
    around = steps * 2 * radius * Math.sin(Math::PI / steps)
    ((cup.outer - 95 * along) * cup.unrolled.angle - around).abs
  }.max
  report("cup unrolled against small steps", format("%.5f mm", worst), "within 0.01 mm")
  report("cone's area kept", format("%.1e", (cup.unrolled.area / (Math::PI * 71 * 95) - 1).abs), "1e-6")
  tube = UpClose::Surfaces.build("cylinder", {diameter_mm: 82, height_mm: 95, film_mm: 0})
  report("cylinder's area kept", format("%.1e", (tube.figures[:area_mm2] / (Math::PI * 82 * 95) - 1).abs), "1e-6")
  ball = UpClose::Surfaces.build("dome", {ball_mm: 60, cap_mm: 40})
  arc = Array.new(steps) { |i| Math.asin(20 / 30.0) / steps * 30 }.sum
  report("dome's arc against small steps", format("%.5f mm", (ball.arc_mm - arc).abs), "within 0.01 mm")

  tilt, far, focal = 35 * Math::PI / 180, 400.0, 3200.0
  see =
    ->(x, y) {
      UpClose::Geometry::Point[1500 +
        focal * x / (far + y * Math.sin(tilt)), 1000 + focal * y * Math.cos(tilt) / (far + y * Math.sin(tilt))]
    }
  shaken = Random.new(1)
  shake = ->(p) { p + UpClose::Geometry::Point[shaken.rand(-0.5..0.5), shaken.rand(-0.5..0.5)] }
  errors = Array.new(200) do
    scale = UpClose::Measure::PhotoScale.from_corners(
      [[-60, -40], [60, -40], [60, 40], [-60, 40]].map { |x, y| shake.call(see.call(x, y)) },
      120,
      80
    )
    (scale.length(shake.call(see.call(-45, -20)), shake.call(see.call(45, 25))).mm / Math.hypot(90, 45) - 1).abs
  end
  report(
    "plate at 35°, half a pixel of noise, 200 tries",
    format("worst %.2f %%, middle %.2f %%", errors.max * 100, errors.sort[100] * 100),
    "within 0.5 %"
  )
end
