# frozen_string_literal: true

module UpClose
  # What can be said of an attempt.
  module Record
    RESULTS = {"good" => "good", "usable" => "usable", "spoilt" => "spoilt"}.freeze
    FAULTS = {
      "missing-spots" => "missing spots", "faint" => "faint all over", "smeared" => "smeared or doubled",
      "patchy" => "patchy solid", "haze" => "haze", "torn" => "torn image", "bubbles" => "bubbles",
      "wrinkles" => "wrinkles", "silvering" => "silvering", "yellowed" => "yellowed", "brown" => "brown",
      "bled" => "bled", "ran" => "ran", "cracked" => "cracked", "lifted" => "lifted edge",
      "white-spots" => "white spots at the peel", "box" => "box round the picture", "wrong-way" => "wrong way round",
      "wrong-size" => "wrong size", "crooked" => "crooked", "roller-tracks" => "roller tracks",
      "ghost" => "ghost image", "pitted" => "pitted etch", "broken-through" => "broken through",
      "underetched" => "underetched", "whitened" => "whitened finish", "lost" => "colour lost on dark"
    }.freeze

    SIGNS = {"good" => "●", "usable" => "▲", "spoilt" => "■"}.freeze

    # @return [String] "7 ● 1 ▲ 2 ■", where there is little room
    def self.signs(results)
      RESULTS.keys.filter_map { |key| "#{results.count(key)} #{SIGNS[key]}" if results.include?(key) }.join("  ")
    end

    # @param results [Array<String>]
    # @return [String] "2 good, 1 spoilt"
    def self.tally(results)
      RESULTS.keys.filter_map { |key| "#{results.count(key)} #{key}" if results.include?(key) }.join(", ")
    end
  end
end
