# frozen_string_literal: true

require "fileutils"
require "tmpdir"
require "zip"

module Demo
  # The story as its builders made it once, shipped, so that a first page comes in seconds: its rows, its originals and
  # what was opened of them. Its moments are moved to the day on which it is loaded.
  class Archive
    PATH = File.expand_path("story.zip", __dir__)
    DATABASE = "story.sqlite3"
    # folders of the shop that it brings
    FOLDERS = %w[originals opened devices].freeze
    # parents before children
    TABLES = %w[
      preferences jobs pieces artworks marks printers calibrations stock_facts supply_prices own_schools stock_sheets
      layouts layout_marks runs step_ends attempts boards coupons school_changes
    ].freeze
    # rows that name what was drawn by when they were changed
    KEPT_AS_THEY_ARE = {"artworks" => %w[created_at updated_at]}.freeze
    # written by the computer's clock while the story was made, whatever day it tells of
    BY_THE_CLOCK = %w[created_at updated_at placed_at].freeze
    # The story is made at noon in a zone without an offset. What happened in the last hours goes on as long ago; what
    # is older happened on a day, at an hour of that day.
    MADE_AT = Time.utc(2026, 12, 1, 12).freeze
    LATELY_S = 6 * 3600
    FORMAT = "'%Y-%m-%d %H:%M:%f'"

    # Makes it anew from the builders, in this shop, which has to be empty.
    # @param path [String]
    # @return [Integer] bytes
    def self.make(path = PATH)
      raise "The story is made in an empty shop, in UTC." if Job.exists? || Time.local(2026, 1, 1).utc_offset != 0
      require_relative "story"
      Story.load(now: MADE_AT.dup.localtime)
      Actions::LookAtArtwork.the_rest
      Dir.mktmpdir do |folder|
        rows = File.join(folder, DATABASE)
        ActiveRecord::Base.connection.execute("VACUUM INTO '#{rows}'")
        write(path, rows)
      end
      File.size(path)
    end

    def self.write(path, rows)
      FileUtils.rm_f(path)
      Zip::OutputStream.open(path) do |zip|
        put(zip, DATABASE, rows)
        FOLDERS.flat_map { |folder| Dir.glob("#{folder}/**/*", base: Settings.home) }.sort.each do |name|
          whole = File.join(Settings.home, name)
          put(zip, name, whole) if File.file?(whole)
        end
      end
    end

    def self.put(zip, name, from)
      zip.put_next_entry(name)
      zip.write(File.binread(from))
    end
    private_class_method :write, :put

    # @param now [Time]  @param path [String]
    def initialize(now, path: PATH)
      @now, @path = now, path
    end

    # @yield [Float] how far it is, 0..1
    def load
      Dir.mktmpdir do |folder|
        rows = File.join(folder, DATABASE)
        Zip::File.open(@path) do |zip|
          zip.entries.each_with_index do |entry, i|
            take_out(entry, (entry.name == DATABASE) ? folder : Settings.home)
            yield i / (zip.size + 1.0) if block_given? && (i % 20).zero?
          end
        end
        take_rows(rows)
      end
      Database.know_when_ready
    end

    private

    # the rows aside, files into the shop
    def take_out(entry, target)
      FileUtils.mkdir_p(File.dirname(File.join(target, entry.name)), mode: 0o700)
      entry.extract(destination_directory: target) { true }
    end

    def take_rows(rows)
      db.execute("ATTACH #{db.quote(rows)} AS story")
      ActiveRecord::Base.transaction do
        there = db.select_values("SELECT name FROM story.sqlite_master WHERE type = 'table'")
        (TABLES & there).each { |table| take(table) }
        # worked out anew, from when each step was done
        db.execute("UPDATE runs SET ready_at = NULL WHERE ended_at IS NOT NULL")
      end
    ensure
      db.execute("DETACH story")
    end

    def take(table)
      there = db.select_rows("PRAGMA story.table_info(#{table})").map { |row| row[1] }
      columns = db.columns(table).select { |column| there.include?(column.name) }
      names = columns.map { |column| %("#{column.name}") }.join(", ")
      moved = columns.map { |column| moved(table, column) }.join(", ")
      db.execute("INSERT OR REPLACE INTO main.#{table} (#{names}) SELECT #{moved} FROM story.#{table}")
    end

    def moved(table, column)
      name = %("#{column.name}")
      return name if KEPT_AS_THEY_ARE.fetch(table, []).include?(column.name)
      case column.type
      when :date then "date(#{name}, '#{days} days')"
      when :datetime
        "CASE #{now_for(column)}" \
          "WHEN #{name} > '#{text(MADE_AT - LATELY_S)}' THEN strftime(#{FORMAT}, #{name}, '#{seconds} seconds') " \
          "ELSE strftime(#{FORMAT}, #{name}, '#{days} days', 'utc') END"
      else name
      end
    end

    def now_for(column)
      return unless BY_THE_CLOCK.include?(column.name)
      %(WHEN "#{column.name}" > '#{text(MADE_AT)}' THEN '#{text(@now.getutc)}' )
    end

    def text(moment) = moment.strftime("%Y-%m-%d %H:%M:%S.%6N")

    def days = format("%+d", @now.to_date - MADE_AT.to_date)

    def seconds = format("%+.3f", @now - MADE_AT)

    def db = ActiveRecord::Base.connection
  end
end
