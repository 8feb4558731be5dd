# frozen_string_literal: true

module Forms
  # The line a mark is cut out along, with its figures; what is empty starts as usual.
  class CutForm < Base
    # @param mark [Mark]
    def initialize(typed, mark:, unit: "mm")
      @mark = mark
      super(typed, unit: unit)
    end

    # @return [Hash{String => Object}] what is kept with the mark
    def kept = values.except(:around_mm).transform_keys(&:to_s)

    # the border lies with the rest of the layout
    # @return [Hash{String => Float}]
    def laying = values.key?(:around_mm) ? {"border_mm" => values[:around_mm]} : {}

    private

    def read
      choice(:line, @mark.cutting.lines.map(&:key))
      UpClose::Cutting::Figures::ALL.each_value do |figure|
        text = typed(figure.key).to_s.strip
        next if text.empty?
        next values[figure.key] = 0.0 if text.match?(/\A0+([.,]0+)?\z/) && figure.range.cover?(0.0)
        length(figure.key, range_mm: figure.range)
      end
    end
  end
end
