# frozen_string_literal: true

module UpClose
  module Diagnosis
    module Questions
      # Whether the print was already so.
      class PrintItself < Question
        key "print-itself"
        act "Look at a print that was not used."
        asks "Does it show the same?"
        answers "same" => "The print shows it too", "whole" => "The print is whole"
      end
    end
  end
end
