# frozen_string_literal: true

# A way of doing a method that this shop has made its own.
class OwnSchool < ApplicationRecord
  def method_core = UpClose::Methods.fetch(method_key)

  # @param copies [Integer]
  # @return [Array<UpClose::Methods::Step>]
  def steps_core(copies) = UpClose::Methods::OwnSteps.call(steps, copies)
end
