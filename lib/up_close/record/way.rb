# frozen_string_literal: true

module UpClose
  module Record
    # One way of doing it, as far as limits depend on it. Frozen.
    Way = Value.define(:method_key, :printer, :stock, :family, keyword_init: true)
  end
end
