# frozen_string_literal: true

# The moment a step was done.
class StepEnd < ApplicationRecord
  belongs_to :run
end
