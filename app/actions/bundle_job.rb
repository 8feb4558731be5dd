# frozen_string_literal: true

module Actions
  # A job as one file for another shop: its rows by the published schema, the originals they name, a print pack of each
  # mark, and its record as CSV.
  class BundleJob
    HASH = /\b\h{64}\b/

    # @return [Shelves::BundleFile]
    def self.file
      schema = JSON.parse(File.read(BundleSchema::FILE))
      Shelves::BundleFile.new(schema, format: BundleSchema::FORMAT, version: BundleSchema::VERSION)
    end

    # @param job [Job]  @param now [Time]
    # @return [String] bytes of the ZIP
    def self.call(job, now) = new(job, now).call

    def initialize(job, now)
      @job, @now = job, now
    end

    def call
      BundleJob.file.write(data, {**originals, **drawings, Shelves::BundleFile::RECORD => BringNotes.csv(attempts)})
    end

    # @return [Hash] of bundle.json
    def data
      @data ||= {
        "format" => BundleSchema::FORMAT, "version" => BundleSchema::VERSION, "uid" => uid, "made_at" => moment(@now),
        "fonts" => fonts, **rows
      }
    end

    private

    def uid
      ApplicationRecord.change { @job.update_columns(uid: SecureRandom.uuid) } unless @job.uid
      @job.uid
    end

    def marks = @marks ||= Mark.where(piece: @job.pieces).order(:id).to_a

    def attempts = Attempt.where(mark: marks)

    def found
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

    def schools = marks.filter_map { |mark| mark.picked["own_school"]&.to_i } + attempts.pluck(:own_school_id).compact

    # what points out of the job points nowhere
    def rows
      tables = BundleTables.all
      ids = found.transform_values { |records| records.map(&:id).to_set }
      found.to_h do |name, records|
        [name, records.map { |record| row(tables.fetch(name), name, standing_alone(record), ids) }]
      end
    end

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
      when Time then moment(read)
      when Date then read.iso8601
      when Array then read.map { |one| plain(one) }
      else read
      end
    end

    # core values as the database keeps them
    def plain(one) = (one.respond_to?(:to_h) && !one.is_a?(Array)) ? JSON.parse(one.to_h.to_json) : value(one)

    def moment(time) = time.utc.iso8601(6)

    def fonts
      keys = found["artworks"].map(&:font).uniq
      Shelves::OwnFonts.new(Settings.fonts).all.slice(*keys).map do |key, about|
        about.slice("name", "licence", "file_name", "original").transform_values(&:to_s).merge("key" => key)
      end
    end

    def originals
      store = Shelves::OriginalStore.new(Settings.originals)
      JSON.generate(data).scan(HASH).uniq.select { |name| store.named?(name) }
        .to_h { |name| ["originals/#{name}", store.get(name)] }
    end

    # what cannot be laid out has no pack
    def drawings
      marks.reject(&:archived_at).select { |mark| mark.artwork && mark.width_mm && mark.method_key }
        .each_with_index.filter_map { |mark, i| drawing(mark, i + 1) }.to_h
    end

    def drawing(mark, number)
      name = mark.title.gsub(/[^\w -]+/, "").strip[0, 60]
      pack = Shelves::PrintJob.new(mark.print_pack.pages, mark.title)
      ["drawings/#{number} #{name}.pdf", Workers.call(pack, :bytes, "pdf")]
    rescue UpClose::Error
      nil
    end
  end
end
