# frozen_string_literal: true

module UpClose
  module Purposes
    # The print itself is what is looked at.
    class Picture < Purpose
      key "picture"
      listed 10
      title "The finished picture"
      summary "The print stays, under a finish."
      limits every_place: false
      checks_words "Lines, gaps, greys, colours and how it will look on the piece all count."
      finish_title "The finish that suits what lies on the piece"
      finish_words "A finish holds the picture and keeps hands and water off it."
      otherwise "That is no picture, but something to work by."
    end
  end
end
