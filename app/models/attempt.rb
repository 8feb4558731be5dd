# frozen_string_literal: true

# One mark tried once: good, usable or spoilt.
class Attempt < ApplicationRecord
  belongs_to :mark
  belongs_to :run, optional: true
end
