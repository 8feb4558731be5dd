# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # What lies on a bare spot: medium that had set before the print came, or nothing.
      class SmoothSkin < Question
        key "smooth-skin"
        act "Feel a bare spot."
        asks "Is there a smooth skin on it?"
        answers "skin" => "A smooth skin", "bare" => "Only the bare ground"
        asked_where { |facts| facts.does?("spread", "coat") && facts.method_core.key != "foil-skin" }
      end
    end
  end
end
