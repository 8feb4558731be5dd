# frozen_string_literal: true

module Actions
  # A job from another shop's bundle, taken in whole or not at all; the same bundle again is the same job.
  class BringJob
    # where a bundle's originals lie until they are taken over
    FOLDER = "brought-"

    # @param path [String] of the bundle, which a worker opens  @param now [Time]
    # @return [Job]
    # @raise [UpClose::Error]
    def self.call(path, now)
      folder = File.join(Settings.opened, "#{FOLDER}#{SecureRandom.hex(6)}")
      FileUtils.mkdir_p(folder, mode: 0o700)
      data, originals = Workers.call(BundleJob.file, :unpack, path, folder)
      new(data, originals.to_h { |name| [name, File.join(folder, name)] }, now).call
    ensure
      FileUtils.rm_rf(folder) if folder
    end

    # @param data [Hash] of bundle.json  @param originals [Hash{String => String}] paths by hash
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
      @originals.each { |name, path| store.take_over(path, name) }
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
          table.model.find(@ids[name][row["id"]]).change(linked(name, table, row))
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
