# frozen_string_literal: true

# How often the rows of a table were changed: kept by the database itself, so that whatever is worked out from a table
# knows whether it is still true.
class ChangeCount < ApplicationRecord
  self.primary_key = "name"

  # @param tables [Array<String>] of YearsOfWork::COUNTED
  # @return [Array<Integer>]
  def self.of(*tables) = where(name: tables).order(:name).pluck(:count)
end
