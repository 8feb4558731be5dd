# frozen_string_literal: true

module Forms
  # How many copies, on which paper, what is kept free, and with which other marks.
  class SheetForm < Base
    LENGTHS = {
      "gap_mm" => 0.0..50.0,
      "frame_mm" => 0.0..60.0,
      "leading_mm" => 0.0..80.0,
      "border_mm" => 0.0..30.0,
      "overlap_mm" => 0.0..60.0
    }.freeze

    # whether part-used sheets are to be used up first
    def leftovers? = @leftovers && !tiles?

    # its paper takes not even one
    def too_large?
      !error(:paper).nil? && UpClose::Printing::Paper::ALL.any? { |paper| paper.key == typed(:paper) } && !tiles?
    end

    # larger than a sheet, and printed in parts
    def tiles? = typed(:tiles) == "1"

    # laid out by outline even on fresh sheets alone
    def nested? = !tiles? && (@nested || @with.any?)

    # by outline rather than in rows
    def free? = leftovers? || nested?

    # "first", "good" or "stretch"
    attr_reader :effort

    # the other marks chosen, of those that wait with it
    # @return [Array<Mark>]
    def with(mark) = @with.empty? ? [] : mark.waiting_with.select { |other| @with.include?(other.id) }

    def with?(id) = @with.include?(id)

    private

    def read
      count(:copies, 1..UpClose::Printing::Rows::MOST_COPIES, "How many copies")
      choice(:paper, UpClose::Printing::Paper::ALL.map(&:key))
      @leftovers = typed(:leftovers) == "1"
      @nested = typed(:nested) == "1"
      @with = Array(typed(:with)).map(&:to_i)
      @effort = UpClose::Sheets::Nesting::Search::EFFORTS.key?(typed(:effort)) ? typed(:effort) : "first"
      values[:laying] = laying
    end

    # only what differs from the usual is kept
    def laying
      usual = UpClose::Sheets::Allowances::START.to_h.merge("overlap_mm" => UpClose::Printing::TiledPack::OVERLAP)
      lengths = LENGTHS.filter_map { |name, range|
        typed(name).to_s.strip.then { |text| [name, kept_free(name, text, range)] unless text.empty? }
      }.to_h
      lengths["turning"] = typed(:turning) if UpClose::Sheets::Allowances::TURNS.key?(typed(:turning))
      lengths["tiles"] = true if tiles?
      lengths.compact.reject { |name, value| usual[name] == value }
    end

    def kept_free(name, text, range)
      UpClose::Measure::LengthReader.new(unit: @unit, range_mm: range, field: name).read(text).mm
    rescue UpClose::Error => error
      errors[name.to_sym] = error.sentence
      nil
    end
  end
end
