# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Whether spots follow the ground.
      class AlongGrain < Question
        key "along-grain"
        act "Tilt it against the light."
        asks "Do the bare places follow the grain or scratches?"
        answers "follow" => "They follow it", "anywhere" => "They lie anywhere"
        asked_where { |facts| facts.family != :glass }
      end
    end
  end
end
