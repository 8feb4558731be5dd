# frozen_string_literal: true

module Actions
  # A job as one file for another shop: its rows by the published schema, the originals they name, a print pack of each
  # mark, and its record as CSV.
  class BundleJob
    # @return [Shelves::BundleFile]
    def self.file
      schema = JSON.parse(File.read(BundleSchema::FILE))
      Shelves::BundleFile.new(schema, format: BundleSchema::FORMAT, version: BundleSchema::VERSION)
    end

    # @param job [Job]  @param now [Time]
    # @return [String] bytes of the ZIP
    def self.call(job, now) = new(job, now).call

    def initialize(job, now)
      @job, @now, @rows = job, now, BundleRows.new(job)
    end

    def call
      record = BringNotes.csv(@rows.attempts)
      BundleJob.file.write(data, {**originals, **drawings, Shelves::BundleFile::RECORD => record})
    end

    # @return [Hash] of bundle.json
    def data
      @data ||= {
        "format" => BundleSchema::FORMAT, "version" => BundleSchema::VERSION, "uid" => uid,
        "made_at" => BundleRows.moment(@now), "fonts" => fonts, **@rows.call
      }
    end

    private

    def uid
      ApplicationRecord.change { @job.update_columns(uid: SecureRandom.uuid) } unless @job.uid
      @job.uid
    end

    def fonts
      keys = @rows.records["artworks"].map(&:font).uniq
      Shelves::OwnFonts.new(Settings.fonts).all.slice(*keys).map do |key, about|
        about.slice("name", "licence", "file_name", "original").transform_values(&:to_s).merge("key" => key)
      end
    end

    def originals
      store = Shelves::OriginalStore.new(Settings.originals)
      BundleCheck.originals_named(data).select { |name| store.named?(name) }
        .to_h { |name| ["originals/#{name}", store.get(name)] }
    end

    # what cannot be laid out has no pack
    def drawings
      @rows.marks.reject(&:archived_at).select { |mark| mark.artwork && mark.width_mm && mark.method_key }
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
