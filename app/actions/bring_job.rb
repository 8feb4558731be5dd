# frozen_string_literal: true

module Actions
  # A job from another shop's bundle, taken in whole or not at all; the same bundle again is the same job.
  class BringJob
    # @param bytes [String]  @param now [Time]
    # @return [Job]
    # @raise [UpClose::Error]
    def self.call(bytes, now) = new(*BundleJob.file.read(bytes), now).call

    # @param data [Hash] of bundle.json  @param originals [Hash{String => String}] bytes by hash
    def initialize(data, originals, now)
      @data, @originals, @now = data, originals, now
      @ids = Hash.new { |all, table| all[table] = {} }
    end

    def call
      known = Job.find_by(uid: @data["uid"])
      return known if known
      BundleCheck.new(@data, @originals, store).call
      keep_files
      read = @data["artworks"].to_h { |row| [row["id"], BundledArtwork.new(row).ink] }
      ApplicationRecord.change do
        BundleTables.all.each { |name, table| @data[name].each { |row| insert(name, table, row, read) } }
        link
        BundleTrial.new(job, @ids, @now).call
      end
      job
    end

    private

    def job = Job.find(@ids["jobs"].values.first)

    def store = @store ||= Shelves::OriginalStore.new(Settings.originals)

    # files of an own name each: what is refused later leaves no more than a file that nothing names
    def keep_files
      @originals.each_value { |bytes| store.put(bytes) }
      own = Shelves::OwnFonts.new(Settings.fonts)
      @data["fonts"].each do |font|
        next if own.all.key?(font["key"])
        face = Workers.call(Shelves::FontFile.new(store.get(font["original"])), :face, font["key"])
        own.keep(face.named(font["name"]), font.except("key"))
      end
    end

    def insert(name, table, row, read)
      own = (name == "own_schools") && OwnSchool.find_by(row.slice("method_key", "title"))
      return @ids[name][row["id"]] = own.id if own
      record = table.model.new(here(name, table, row))
      record.ink_core = read.fetch(row["id"]) if name == "artworks"
      record.uid = @data["uid"] if name == "jobs"
      record.save!(validate: false)
      @ids[name][row["id"]] = record.id
    end

    # its links are those of this shop; what points on to rows still to come is linked afterwards
    def here(name, table, row)
      table.links.each_with_object(row.except("id")) do |(column, of), told|
        told[column] = @ids[of][row[column]]
      end
    end

    def link
      %w[marks runs boards layouts].each do |name|
        table = BundleTables.all.fetch(name)
        @data[name].each do |row|
          table.model.find(@ids[name][row["id"]]).update!(linked(name, table, row))
        end
      end
    end

    # @return [Hash] columns that point at rows of the same table, or at rows from within a list
    def linked(name, table, row)
      within = BundleTables.within(name, row) { |of, id| @ids[of][id] }
      own = table.links.select { |_, of| of == name }.keys
      within.merge(own.to_h { |column| [column, @ids[name][row[column]]] })
    end
  end
end
