# frozen_string_literal: true

require "json"

# What was done, in words, from the rows that it changed: told of the one that matters most to a maker.
class HistoryTitle
  # tables by how much a change of theirs tells, the most first
  ORDER = %w[
    step_ends runs attempts coupons boards jobs pieces own_schools school_changes calibrations printers layouts
    stock_sheets marks artworks layout_marks stock_facts supply_prices preferences
  ].freeze
  VERBS = {"insert" => "made", "update" => "changed", "delete" => "removed"}.freeze
  NOUNS = {
    "jobs" => "the job", "pieces" => "the piece", "marks" => "the mark", "boards" => "the board",
    "artworks" => "the artwork", "own_schools" => "your own way", "printers" => "the printer",
    "stock_sheets" => "the sheet", "coupons" => "a coupon", "calibrations" => "the measuring of a printer",
    "school_changes" => "your own way", "stock_facts" => "what is known of a stock",
    "supply_prices" => "the price of a supply", "preferences" => "the settings", "attempts" => "a try",
    "layouts" => "where copies lie", "layout_marks" => "where copies lie", "runs" => "the work",
    "step_ends" => "a step"
  }.freeze
  # of a mark: the first of these that changed says what was done
  OF_A_MARK = {
    "artwork_id" => "gave artwork to", "purpose" => "said what it is for:", "method_key" => "chose the method for",
    "picked" => "chose how to transfer", "stock" => "chose the stock for", "printer" => "chose the printer for",
    "width_mm" => "placed", "x_mm" => "moved", "y_mm" => "moved", "turn_deg" => "turned",
    "packed_at" => "laid out", "copies" => "changed the copies of", "sealer" => "chose the finish of",
    "coats" => "chose the finish of", "recipe" => "prepared the artwork of", "override" => "went past a warning for",
    "not_before" => "put off", "layer" => "ordered the layers of", "cover" => "covered the piece with",
    "etching" => "changed the bath for", "tooling" => "chose the tool for", "template" => "changed the template of",
    "strap" => "changed the strap of", "repeats" => "repeated", "flank" => "paired the flanks of"
  }.freeze
  SHEETS = {"gone" => "used up", "spoilt" => "marked as spoilt", "here" => "brought back"}.freeze

  # @param rows [Array<HistoryRow>]
  def initialize(rows)
    @rows = rows
  end

  # @return [String] "used up white film 2", begun with a small letter
  def title
    @row = @rows.min_by { |row| [ORDER.index(row.of) || ORDER.size, row.id] }
    @facts = @row.facts
    special || "#{verb} #{NOUNS.fetch(@row.of, "something")}#{name}"
  end

  private

  def verb = away || VERBS.fetch(@row.verb)

  def away
    return unless @row.became.key?("archived_at")
    @row.became["archived_at"] ? "put away" : "brought back"
  end

  def name
    given = (@facts["title"] || @facts["name"] || supply_title || mark_title).to_s
    given.empty? ? "" : " “#{given}”"
  end

  def special
    case @row.of
    when "step_ends" then step
    when "runs" then run
    when "attempts" then "#{(@row.verb == "insert") ? "recorded" : verb} a try of#{name}"
    when "layouts" then layout
    when "marks" then of_a_mark
    when "stock_sheets" then sheet
    when "preferences" then "changed the settings"
    end
  end

  def step
    run = Run.find_by(id: @facts["run_id"]) or return
    title = run.steps_core.find { |step| step.key == @facts["step"] }&.title
    "#{(@row.verb == "delete") ? "went back before" : "did"} “#{title || @facts["step"]}” of “#{run.mark.title}”"
  end

  def run = ("began the work on#{name}" if @row.verb == "insert")

  def layout
    return "printed#{names_of_marks}" if @row.became["state"] == "printed"
    return "took back the print of#{names_of_marks}" if @row.became["state"] == "taken back"
    "#{(@row.verb == "insert") ? "laid out" : "moved copies of"}#{names_of_marks}"
  end

  def names_of_marks
    marks = Mark.where(id: LayoutMark.where(layout_id: @row.row).pluck(:mark_id)).map(&:title)
    marks.empty? ? " copies" : " “#{marks.first(3).join("”, “")}”"
  end

  def of_a_mark
    return if @row.verb != "update" || away
    words = OF_A_MARK.find { |column, _| @row.became.key?(column) }&.last
    "#{words || "changed"}#{name}"
  end

  def sheet
    return "put #{@facts["name"]} into the drawer" if @row.verb == "insert"
    words = SHEETS[@row.became["state"]] if @row.became.key?("state")
    "#{words || verb} #{@facts["name"]}"
  end

  def supply_title
    key = @facts["supply"] or return
    UpClose::Costing.supplies.find { |kind| kind.key == key }&.title || key
  end

  def mark_title
    id = (@row.of == "marks") ? @row.row : @facts["mark_id"]
    Mark.find_by(id: id)&.title
  end
end
