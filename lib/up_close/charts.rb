# frozen_string_literal: true

module UpClose
  # Small charts as geometry: where things lie in a frame of pixels. Pages draw them.
  module Charts
  end
end
