# frozen_string_literal: true

module Routes
  # True size: the screen matched once to a ruler or a card.
  module TrueSize
    def self.registered(app)
      app.get("/true-size") { page :true_size, here: :true_size, title: "True size" }
    end
  end
end
