# frozen_string_literal: true

# One change of a way of doing it, made after something went wrong.
class SchoolChange < ApplicationRecord
  belongs_to :own_school, optional: true
  belongs_to :attempt, optional: true

  # how it went since, by this method
  # @return [Array(Integer, Integer)] good or usable, tried
  def since
    counts = Attempt.own.where(method_key: method_key).where("made_at > ?", made_at).group(:result).count
    [counts.except("spoilt").values.sum, counts.values.sum]
  end

  # @return [String] "since then 9 of 10"
  def since_words
    good, tried = since
    tried.zero? ? "nothing tried since" : "since then #{good} of #{tried}"
  end
end
