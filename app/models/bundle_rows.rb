# frozen_string_literal: true

# The rows of one job, as a bundle holds them.
class BundleRows
  # @param time [Time]  @return [String] to the microsecond
  def self.moment(time) = time.utc.iso8601(6)

  # @param job [Job]
  def initialize(job)
    @job = job
  end

  # @return [Array<Mark>]
  def marks = @marks ||= Mark.where(piece: @job.pieces).order(:id).to_a

  # @return [ActiveRecord::Relation]
  def attempts = Attempt.where(mark: marks)

  # @return [Hash{String => Enumerable<ApplicationRecord>}] by table
  def records
    runs = Run.where(mark: marks).order(:id)
    layout_marks = LayoutMark.where(mark: marks).order(:id)
    {
      "own_schools" => OwnSchool.where(id: schools).order(:id), "jobs" => [@job], "pieces" => @job.pieces,
      "artworks" => Artwork.where(id: marks.map(&:artwork_id)).order(:id), "marks" => marks, "boards" => @job.boards,
      "layouts" => Layout.where(id: layout_marks.map(&:layout_id)).order(:id), "layout_marks" => layout_marks,
      "runs" => runs, "step_ends" => StepEnd.where(run: runs).order(:id), "attempts" => attempts.order(:id),
      "coupons" => Coupon.where(mark: marks).order(:id)
    }
  end

  # What points out of the job points nowhere.
  # @return [Hash{String => Array<Hash>}] by table
  def call
    tables = BundleTables.all
    ids = records.transform_values { |list| list.map(&:id).to_set }
    records.to_h do |name, list|
      [name, list.map { |record| row(tables.fetch(name), name, standing_alone(record), ids) }]
    end
  end

  private

  def schools = marks.filter_map { |mark| mark.picked["own_school"]&.to_i } + attempts.pluck(:own_school_id).compact

  def row(table, name, record, ids)
    told = table.columns.to_h { |column| [column.name, value(record.read_attribute(column.name))] }
    table.links.each { |column, of| told[column] = nil unless ids.fetch(of).include?(told[column]) }
    told.merge BundleTables.within(name, told) { |of, id| id if ids.fetch(of).include?(id) }
  end

  # a run that follows one of another job takes its steps along
  def standing_alone(record)
    return record unless record.is_a?(Run)
    others = [record, *record.followers, *record.leader].any? { |run| marks.none? { |mark| mark.id == run.mark_id } }
    return record unless others
    record.dup.tap do |copy|
      copy.assign_attributes(id: record.id, steps: record.lead.steps, leader_id: nil, together: [])
    end
  end

  def value(read)
    case read
    when Time then BundleRows.moment(read)
    when Date then read.iso8601
    when Array then read.map { |item| plain(item) }
    else read
    end
  end

  # core values as the database keeps them
  def plain(item) = (item.respond_to?(:to_h) && !item.is_a?(Array)) ? JSON.parse(item.to_h.to_json) : value(item)
end
