# frozen_string_literal: true

module UpClose
  # Engraving, carving and burning along a guide: which tip, how wide and deep, how long.
  module Tooling
    TIPS = [
      Tip.new(key: "graver-90", title: "graver, V of 90°", work: "engrave", angle_deg: 90, mm_a_minute: 30),
      Tip.new(key: "graver-120", title: "graver, V of 120°", work: "engrave", angle_deg: 120, mm_a_minute: 25),
      Tip.new(key: "diamond", title: "diamond point, 0.2", work: "engrave", width_mm: 0.2, mm_a_minute: 60),
      Tip.new(key: "bur-05", title: "ball bur, 0.5", work: "engrave", width_mm: 0.5, mm_a_minute: 80),
      Tip.new(key: "bur-10", title: "ball bur, 1.0", work: "engrave", width_mm: 1.0, mm_a_minute: 70),
      Tip.new(key: "flat-15", title: "flat graver, 1.5", work: "engrave", width_mm: 1.5, mm_a_minute: 25),
      Tip.new(key: "knife", title: "knife, two cuts that meet, 60°", work: "carve", angle_deg: 60, mm_a_minute: 30),
      Tip.new(key: "v-tool-90", title: "V tool of 90°", work: "carve", angle_deg: 90, mm_a_minute: 60),
      Tip.new(key: "gouge-3", title: "gouge, 3", work: "carve", width_mm: 3.0, mm_a_minute: 60),
      Tip.new(key: "gouge-8", title: "gouge, 8", work: "carve", width_mm: 8.0, mm_a_minute: 80),
      Tip.new(key: "fine-tip", title: "fine tip, 0.5", work: "burn", width_mm: 0.5, mm_a_minute: 60),
      Tip.new(key: "writing-tip", title: "writing tip, 1.0", work: "burn", width_mm: 1.0, mm_a_minute: 80),
      Tip.new(key: "shader", title: "shader, 5", work: "burn", width_mm: 5.0, mm_a_minute: 100)
    ].freeze

    module_function

    # @param work [String] key of an Afterwards::Work  @return [Array<Tip>] the finest first
    def tips(work) = TIPS.select { |tip| tip.work == work }

    # The tip that serves a line best: the widest that is no wider than the line, else a V, else the finest.
    # @param work [String]  @param line_mm [Numeric]
    # @return [Tip]
    def for_line(work, line_mm)
      own, veed = tips(work).partition(&:width_mm)
      own.select { |tip| tip.width_mm <= line_mm }.max_by(&:width_mm) || veed.first || own.min_by(&:width_mm)
    end

    # @return [Tip]  @raise [Errors::Unknown]
    def fetch(work, key)
      tips(work).find { |tip| tip.key == key.to_s } || raise(Errors::Unknown.new(
        "There is no tip called “#{key}” here.", remedy: "Choose one of: " \
          "#{tips(work).map(&:title).join(", ")}.", field: :tip
      ))
    end
  end
end
