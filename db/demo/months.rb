# frozen_string_literal: true

module Demo
  # What months of work leave behind: tries with their causes, photographs by our own simulated camera, a coupon, a
  # change of the shop's own way; and a lid that was spoilt an hour ago.
  module Months
    # result, fault and cause of each try on brass since early summer, in its order; those with :photo are in the strip
    ON_BRASS = [
      [:usable, "haze", "paper-left"], [:spoilt, "missing-spots", "too-cool"], [:good],
      [:spoilt, "missing-spots", "too-cool"], [:good], [:good], [:usable, "missing-spots", "dirty-ground"], [:good],
      [:good], [:spoilt, "missing-spots", "too-cool", :photo], [:good], [:good, nil, nil, :photo], [:good], [:good],
      [:spoilt, "smeared", "slid", :photo], [:good, nil, nil, :photo], [:good],
      [:usable, "missing-spots", "too-cool", :photo], [:good], [:good], [:spoilt, "torn", "peeled-early", :photo],
      [:good], [:good, nil, nil, :photo], [:usable, "crooked", "laid-off-the-lines"],
      [:usable, "smeared", "slid", :photo], [:good, nil, nil, :photo]
    ].freeze
    ON_BACKING = [2, 4, 9, 14, 17, 20, 21, 5, 7, 11, 12].freeze
    # on wood in gel, before this dozen
    IN_GEL = [
      [:good], [:spoilt, "missing-spots", "tacky-medium"], [:good], [:usable, "bubbles", "trapped-air"], [:good],
      [:spoilt, "missing-spots", "rough-ground"], [:good], [:good], [:spoilt, "torn", "peeled-early"], [:good], [:good]
    ].freeze
    LEFT = {
      "missing-spots" => {missing: 0.05, spot_mm: 1.1}, "smeared" => {missing: 0.002, spot_mm: 0.5, shift_mm: 0.7},
      "torn" => {missing: 0.06, spot_mm: 2.2}
    }.freeze
    DAYS = 148

    private

    def months
      summer
      coupon
      change
      gel
      lids
    end

    # two dozen pendants and more, one or two at a time
    def summer
      @job = job("Pendants for the summer visitors", "the lighthouse shop", -20, "A few each week.")
      @pendant = piece("brass pendants, summer", "disc", {diameter_mm: 25}, "brass", "etched", "#c9a646", count: 26)
      @pendant.change(clearance_mm: 1.5)
      purpose(@pendant, "picture")
      file(@pendant, Art::LightTower.svg, "Pellow Ness Light, summer.svg")
      purpose(@pendant, "resist")
      method(@pendant, "heat-resist", "laser", stock: "resist-film")
      settle(@pendant, width_mm: 21)
      ON_BRASS.each_with_index { |told, i| tried(@pendant, told, i, brass(i)) }
      @job.update!(archived_at: days_ago(2, 20))
    end

    def brass(number)
      days = DAYS - (DAYS - 3) * number / (ON_BRASS.size - 1)
      {
        method_key: "heat-resist", stock: ON_BACKING.include?(number) ? "label-backing" : "resist-film",
        material: "brass", finish: "etched", grit: 400, made_at: days_ago(days, 19),
        temperature_c: 21 - 9 * number / ON_BRASS.size.to_f, seed: number
      }
    end

    def tried(mark, (result, fault, cause, photo), number, about)
      seed = about.delete(:seed)
      attempt = mark.attempts.create!(
        copy: number + 1, piece: number + 1, result: result.to_s, faults: [fault].compact, cause: cause,
        printer: "laser", printer_name: "Harbour office laser", purpose: mark.purpose_core&.key, sealer: mark.sealer,
        schools: mark.schools, coats: mark.coats_wanted, width_mm: mark.width_mm,
        height_mm: mark.height_mm, humidity: 62.0, **about
      )
      photographed(attempt, fault, seed) if photo
    end

    # by the simulated camera, small
    def photographed(attempt, fault, seed)
      leaves = Devices::Simulated::LeftBehind.new(surface: "#c9a646", missing: 0.0, **LEFT.fetch(fault, {}))
      value = Devices::Simulated::PhotographedMark.new(
        drawn: attempt.mark.design.drawn, width_mm: attempt.mark.width_mm
      )
      photo = Workers.call(value, :taken, leaves, seed: seed + 1, ground: 0.12, sensor: [640, 480])
      attempt.update!(photo: Shelves::OriginalStore.new(Settings.originals).put(photo))
    end

    def coupon
      form = Forms::CouponForm.new(
        {"kind" => "limits", "method_key" => "heat-resist", "stock" => "resist-film", "material" => "brass"}
      )
      coupon = Actions::MakeCoupon.call(form, @now) or raise form.errors.inspect
      refusal = Actions::ReadCoupon.simulated(coupon, days_ago(24, 20))
      raise refusal.sentence if refusal
    end

    def change
      SchoolChange.create!(
        method_key: "heat-resist", cause: "too-cool", step: "warm", made_at: days_ago(60, 20),
        words: "Warm the piece right through first, and go straight from the heat to the press."
      )
    end

    # eleven tries in gel, on other boxes
    def gel
      @job = job("Keepsake boxes, by lamplight", "the lighthouse shop", 24, "The light at dusk, in gel.")
      @lids = piece(
        "box lids", "rounded-rectangle", {width_mm: 92, height_mm: 64, corner_mm: 4}, "plywood", "sanded", "#dcc191",
        count: 12, grit: "180"
      )
      file(@lids, Art::Dusk.png, "Lamplight.png")
      method(@lids, "gel-medium", "laser")
      settle(@lids, width_mm: 78)
      IN_GEL.each_with_index do |told, i|
        about = {
          method_key: "gel-medium", stock: "quick-peel", material: "plywood", finish: "sanded",
          grit: [120, 180, 240][i % 3], made_at: days_ago(90 - 7 * i, 20), temperature_c: 16.0 + i % 5, seed: i
        }
        tried(@lids, told, 100 + i, about)
      end
      @lids.attempts.update_all(mark_id: nil)
      @lids.attempts.reset
    end

    # the fourth was laid when its gel had gone tacky
    def lids
      lay(@lids, 16)
      start = @now - 5400
      run = Actions::RunMarks.start(@lids.reload, start)
      at = start
      run.steps_core.each do |step|
        break if step.key == "press:4"
        at += {"print" => 300, "ground" => 900, "pencil" => 600, "lay:4" => 420}.fetch(step.key, 45)
        Actions::RunMarks.finish_step(run, step.key, at)
      end
      spoilt = Actions::RunMarks.spoil(run.reload, "press:4", at + 40)
      Actions::LookInto.toggle(spoilt, "missing-spots")
      [[0.12, 0.17], [0.84, 0.65], [0.28, 0.85]].each { |x, y| Actions::LookInto.tap(spoilt, x, y) }
    end
  end
end
