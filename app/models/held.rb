# frozen_string_literal: true

# What the whole shop has in common, as hours, prices and limits, asked for by every mark of a page: read once for one
# page or one plan, and never kept beyond it or past a change.
module Held
  KEY = :up_close_held

  module_function

  # @yield while facts that were read are held
  def during
    outer = Thread.current[KEY]
    Thread.current[KEY] = outer || {}
    yield
  ensure
    Thread.current[KEY] = outer
  end

  # for what is opened and closed in two places
  def open = Thread.current[KEY] = {}

  def close = Thread.current[KEY] = nil

  # @param name [Object]  @yieldreturn [Object] what it is, where it was not read yet
  def fetch(name)
    held = Thread.current[KEY] or return yield
    held.fetch(name) { held[name] = yield }
  end

  # something was changed
  def forget = Thread.current[KEY]&.clear
end
