# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Causes
      # A finish or medium that yellows.
      class YellowingCoat < Cause
        key "yellowing-coat"
        title "The finish or the medium yellowed"
        usual 0.7
        looks_like "an even warm tint, weeks later or at once with oil"
        tell_apart "the tint is in the coat, not in the paper"
        leads_to "yellowed" => 0.85, "brown" => 0.1
        happens { |f| f.under_a_coat? || f.does?("coat", "spread") }
        weighs { |f|
          next unless f.under_a_coat?
          amber = %w[wiped-oil shellac oil-wax spray-lacquer].include?(f.sealer.key)
          amber ? [2.5, "#{f.sealer.title} is amber"] : [0.45, "#{f.sealer.title} is water-clear"]
        }
        shows everywhere: 1.5
        answers "metal-colour", "white" => 0.45, "cream" => 0.5, "brown" => 0.05
        rescued { nil }
        next_time { change "A water-clear acrylic finish." }
      end
    end
  end
end
