# frozen_string_literal: true

module Helpers
  # A long list, a page of it at a time.
  class Paged
    A_PAGE = 40

    attr_reader :page

    # @param scope [ActiveRecord::Relation] in order  @param page [String, nil] as typed, from 1
    def initialize(scope, page, size: A_PAGE)
      @scope, @size = scope, size
      @page = page.to_i.clamp(1, pages)
    end

    # @return [Array]
    def rows = @rows ||= @scope.offset((page - 1) * @size).limit(@size).to_a

    def any? = total.positive?

    def total = @total ||= @scope.unscope(:order).count

    def pages = [(total / @size.to_f).ceil, 1].max
  end
end
