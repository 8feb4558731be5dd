# frozen_string_literal: true

module Actions
  # A job from another shop's bundle, taken in whole or not at all; the same bundle again is the same job.
  class BringJob
    # of one artwork, a set's together
    MOST_LETTERS = 5_000
    DAMAGED = "Make the bundle again in the shop that it comes from."

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
      whole!
      keep_files
      read = looked_at
      ApplicationRecord.change do
        BundleTables.all.each { |name, table| @data[name].each { |row| insert(name, table, row, read) } }
        link
        readable!
      end
      job
    end

    private

    def refuse!(words) = raise(UpClose::Errors::BadArtwork.new(words, remedy: DAMAGED, field: :bundle))

    def job = Job.find(@ids["jobs"].values.first)

    # one job, every row once, every link within, every original there
    def whole!
      refuse!("This bundle holds no job, or more than one.") unless @data["jobs"].one?
      BundleTables.all.each do |name, table|
        ids = @data[name].map { |row| row["id"] }
        refuse!("Two of its #{name.tr("_", " ")} have one number.") if ids.uniq.size < ids.size
        table.links.each { |column, of| linked!(name, column, of) }
      end
      # the key names a file: it is the one its original gives, whatever the bundle says
      odd = @data["fonts"].any? { |font| font["key"] != Shelves::OwnFonts.key_of(font["original"]) }
      refuse!("A font in this bundle is not what it says.") if odd
      lacking = named.count { |hash| !@originals.key?(hash) && !store.named?(hash) }
      return if lacking.zero?
      refuse!("#{(lacking == 1) ? "An original is" : "#{lacking} originals are"} missing from this bundle.")
    end

    def named = JSON.generate(@data).scan(BundleJob::HASH).uniq

    def linked!(name, column, of)
      there = @data[of].map { |row| row["id"] }.to_set
      lost = @data[name].any? { |row| row[column] && !there.include?(row[column]) }
      refuse!("Some of its #{name.tr("_", " ")} belong to nothing in it.") if lost
    end

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

    # what is known of each artwork is read from its own file, not taken from the bundle
    # @return [Hash{Integer => UpClose::Artwork::Ink}]
    def looked_at
      @data["artworks"].to_h do |row|
        artwork = Artwork.new(row.except("id", "silhouette", "ink"))
        [row["id"], artwork.lettering? ? lettered(artwork) : Workers.call(artwork.origin, :facts)[:ink]]
      end
    end

    # @return [UpClose::Artwork::Ink]
    def lettered(artwork)
      texts = [artwork.lettering, *artwork.members].map(&:to_s)
      refuse!("Some letters in this bundle are more than a mark can hold.") if texts.sum(&:length) > MOST_LETTERS
      face = Shelves::FontShelf.fetch(artwork.font)
      setting = artwork.setting_core
      return UpClose::Artwork::LetteringSet.new(face, artwork.members, setting: setting).ink if artwork.set?
      UpClose::Artwork::Lettering.new(face, artwork.lettering, setting: setting).drawing.ink
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

    # what the pages would stumble over is told now
    def readable!
      job.pieces.reload.each { |piece| [piece.to_core, piece.material_core, piece.finish_core, piece.colour_core] }
      Mark.where(id: @ids["marks"].values).each { |mark| [mark.placement, mark.method_key && mark.setting] }
      Run.where(id: @ids["runs"].values).each { |run| run.clockwork.state(@now) }
      Layout.where(id: @ids["layouts"].values).each { |layout| [layout.allowances, layout.sheets] }
      Attempt.where(id: @ids["attempts"].values).each(&:attributes)
    rescue UpClose::Errors::Unknown => error
      raise UpClose::Errors::BadArtwork.new("This bundle holds what this Up Close does not know. #{error.message}",
        remedy: "Update this one, then bring it again.", field: :bundle)
    rescue NoMethodError, KeyError, TypeError, ArgumentError, UpClose::Error
      refuse!("Something in this bundle is not what it should be.")
    end
  end
end
