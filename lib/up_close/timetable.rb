# frozen_string_literal: true

module UpClose
  # When everything is done: hands-on work in the maker's own hours, waits beside
  # them, one person, one oven, one press, one drying place. All moments are seconds
  # since an epoch of the caller's choosing.
  module Timetable
  end
end
