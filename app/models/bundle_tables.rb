# frozen_string_literal: true

# Which rows belong to a job that goes to another shop, in the order in which they are read there, and how they point at
# each other.
module BundleTables
  # worked out anew in the other shop
  WORKED_OUT = %w[updated_at lock_version prepared checked ready_at before_spoilt earlier unlocked_at].freeze

  # links: columns that hold an id of another table; more: columns that only this shop understands
  Table = UpClose::Value.define(:model, :links, :left_out) do
    # @return [Array<ActiveRecord column>] those that travel
    def columns = model.columns.reject { |column| (WORKED_OUT + left_out).include?(column.name) }

    def names = columns.map(&:name)
  end

  ALL = {
    "own_schools" => ["OwnSchool", {}],
    "jobs" => ["Job", {}, %w[archived_at uid]],
    "pieces" => ["Piece", {"job_id" => "jobs"}],
    "artworks" => ["Artwork", {}],
    "marks" => [
      "Mark", {"piece_id" => "pieces", "artwork_id" => "artworks", "mirror_of" => "marks", "bound_to" => "marks"}
    ],
    "boards" => ["Board", {"job_id" => "jobs"}],
    "layouts" => ["Layout", {}],
    "layout_marks" => ["LayoutMark", {"layout_id" => "layouts", "mark_id" => "marks"}],
    "runs" => ["Run", {"mark_id" => "marks", "leader_id" => "runs"}],
    "step_ends" => ["StepEnd", {"run_id" => "runs"}],
    "attempts" => ["Attempt", {"mark_id" => "marks", "run_id" => "runs", "own_school_id" => "own_schools"}, %w[origin]],
    "coupons" => ["Coupon", {"mark_id" => "marks"}]
  }.freeze

  module_function

  # @return [Hash{String => Table}] by name, what others point at first
  def all
    ALL.to_h { |name, (model, links, left_out)| [name, Table.new(Object.const_get(model), links, left_out || [])] }
  end

  # The columns of a row that hold ids inside a list: each is handed to the block with its table, and what that answers
  # stands there instead.
  # @param row [Hash{String => Object}] of a bundle  @yield [String, Integer] table and id
  # @return [Hash{String => Object}]
  def within(table, row)
    case table
    when "layouts" then {"sheets" => row["sheets"].map { |sheet| sheet_within(sheet) { |id| yield "marks", id } }}
    when "runs" then {"together" => row["together"].map { |run| run.merge("mark" => yield("marks", run["mark"])) }}
    when "boards" then {"made" => row["made"].transform_values { |id| yield "marks", id }.compact}
    when "marks" then {"picked" => picked_within(row["picked"]) { |id| yield "own_schools", id }}
    else {}
    end
  end

  # a sheet of the drawer stays where it is
  def sheet_within(sheet)
    places = sheet["places"].map { |place| place.merge("mark" => yield(place["mark"])) }
    sheet.merge("sheet_id" => nil, "version" => nil, "places" => places.select { |place| place["mark"] })
  end

  def picked_within(picked)
    return picked unless picked["own_school"]
    school = yield picked["own_school"].to_i
    school ? picked.merge("own_school" => school) : picked.except("own_school")
  end
  private_class_method :sheet_within, :picked_within
end
