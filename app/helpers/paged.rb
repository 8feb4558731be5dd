# frozen_string_literal: true

module Helpers
  # A long list, a page of it at a time.
  class Paged
    A_PAGE = 40

    attr_reader :page

    # @param scope [ActiveRecord::Relation] in order  @param page [String, nil] as typed, from 1
    def initialize(scope, page, size: A_PAGE)
      @scope, @size = scope, size
      @page = (page.to_i > 1) ? page.to_i.clamp(1, pages) : 1
    end

    # @return [Array]
    def rows = @rows ||= @scope.offset((page - 1) * @size).limit(@size).to_a

    def any? = total.positive?

    # a list of one page needs no counting
    def total = @total ||= short? ? rows.size : @scope.unscope(:order).count

    def pages = [(total / @size.to_f).ceil, 1].max

    private

    def short? = page == 1 && rows.size < @size
  end
end
