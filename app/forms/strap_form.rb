# frozen_string_literal: true

module Forms
  # Where a strap lies, how high it is, and where the handle is.
  class StrapForm < Base
    RANGES = {down: 0.0..2000.0, high: 3.0..2000.0, overlap: 0.0..60.0}.freeze

    # @return [Hash{Symbol => Object}] as MarkRegister takes them
    def settings = values.merge(joins: joins).compact

    private

    def joins = (values[:join_top] && values[:join_foot]) ? values.values_at(:join_top, :join_foot) : nil

    def read
      choice(:handle, MarkRegister::HANDLES.keys, fallback: "back")
      RANGES.each { |name, range| lengths(name, :"#{name}_mm", range) }
      %i[join_top join_foot].each { |name| lengths(name, name, 0.0..2000.0) }
      return unless joins && joins.first >= joins.last
      errors[:join_foot] = "The handle's lower end lies below its upper one: give the larger figure."
    end

    # an empty field stays as it is
    def lengths(name, key, range)
      text = typed(name).to_s.strip
      return if text.empty?
      return values[key] = 0.0 if text.match?(/\A0+([.,]0+)?\z/) && range.cover?(0.0)
      length(name, range_mm: range)
      values[key] = values.delete(name) if errors[name].nil?
    end
  end
end
