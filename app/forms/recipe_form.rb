# frozen_string_literal: true

module Forms
  # The steps of preparing as the page sends them, and what is to be done with them:
  # "add" (with a key), "up:2", "down:2", "drop:2", "undo" or "keep".
  class RecipeForm
    # @param mark [Mark]
    def initialize(typed, mark:)
      @typed, @mark = typed, mark
    end

    def act = @typed["act"].to_s[/\A\w+/] || "keep"

    # @return [Array<Hash>]
    def steps
      list = typed_steps
      index = @typed["act"].to_s[/:(\d+)\z/, 1]&.to_i
      case act
      when "add" then list + [{"key" => @typed["add"].to_s, "on" => true}]
      when "drop" then list.each_with_index.reject { |_, i| i == index }.map(&:first)
      when "up" then swapped(list, index, index - 1)
      when "down" then swapped(list, index, index + 1)
      else list
      end
    end

    private

    def typed_steps
      rows = @typed["steps"]
      return [] unless rows.is_a?(Hash)
      rows.sort_by { |number, _| number.to_i }.map do |_, row|
        row.to_h.transform_values { |v| v.to_s.tr(",−", ".-").strip }.merge("on" => row["on"] == "1")
      end
    end

    def swapped(list, from, to)
      return list unless from && list[from] && to.between?(0, list.size - 1)
      list.dup.tap { |l| l[from], l[to] = l[to], l[from] }
    end
  end
end
