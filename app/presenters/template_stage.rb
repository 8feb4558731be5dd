# frozen_string_literal: true

module Presenters
  # A template on its page: the sheet as it is cut, drawn in its own millimetres.
  class TemplateStage
    # drawn so wide, pixels
    WIDTH = 700.0
    TALLEST = 520.0
    # numbers of cuts shown at most
    NUMBERED = 60
    # least height of a number on the screen, pixels
    NUMBER_PX = 13

    attr_reader :told, :settings, :stuff, :advice

    # @param told [Hash] as Shelves::WorkedTemplate#told  @param template [MarkTemplate]
    # @param writer [UpClose::Measure::LengthWriter]
    def initialize(told, template, writer:)
      @told, @settings, @stuff, @writer = told, template.settings, template.stuff, writer
      @advice, @knee = template.advice, template.knee
    end

    def view_box = told[:box].map { |value| value.round(2) }.join(" ")

    # @return [Float] pixels a millimetre
    def scale = @scale ||= [WIDTH / told[:box][2], TALLEST / told[:box][3]].min

    # @return [Array<UpClose::Finding>]
    def findings = [*told[:findings], @knee].compact

    # figures drawn in millimetres, so high that they are read
    # @return [Float] mm
    def number_mm = NUMBER_PX / scale

    def numbered = told[:order].first(NUMBERED)

    # @return [Array<Array(Float, Float, Float, Float)>]
    def folds = told[:folds].map { |(_, from), (_, to)| [*from.to_a, *to.to_a] }

    # round the weakest neck, where it is too weak
    # @return [Array(Float, Float, Float), nil] middle and radius, mm
    def weak_neck
      x, y, size, neck = told[:neck]
      [x, y, size / 2 + number_mm / 2] if neck && neck < stuff.neck_mm - UpClose::Tolerance::SLIGHT
    end

    # bridges by island, for those that are moved by hand
    # @return [Array<Integer>] islands
    def tied = told[:bridges].map { |bridge| bridge[:island] }.uniq.sort

    def moved(island) = settings["moved"].to_h[island.to_s]

    # @return [String]
    def summary
      parts = {"island" => told[:islands], "bridge" => told[:bridges].size, "window" => told[:slots]}
      "#{parts.map { |word, number| count(number, word) }.join(", ")}; " \
        "#{@writer.figure(told[:cut_mm])} to cut, inside before outside"
    end

    def alt = "The template as it is cut: #{summary}"

    private

    def count(number, word) = "#{number.zero? ? "no" : number} #{word}#{"s" unless number == 1}"
  end
end
