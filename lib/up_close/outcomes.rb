# frozen_string_literal: true

module UpClose
  # What became of a mark, seen in a photo: laid over what was printed, what is missing, where, doubled, hazy, tinted.
  module Outcomes
  end
end
