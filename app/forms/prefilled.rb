# frozen_string_literal: true

module Forms
  # Fields that another page has filled in: nothing is read of them yet, and nothing is wrong.
  class Prefilled < Base
    private

    def read = nil
  end
end
