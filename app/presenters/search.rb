# frozen_string_literal: true

module Presenters
  # What is called so, among jobs, marks, pieces, sheets, printers, methods and words.
  class Search
    # One thing found. Frozen.
    Hit = UpClose::Value.define(:kind, :title, :note, :path, :mark)

    # of each kind
    MOST = 12
    LETTERS = 60

    # @param asked [String, nil]
    def initialize(asked)
      @asked = asked.to_s.strip[0, LETTERS]
    end

    # @return [Array<Hit>] nothing while nothing is asked
    def call = @asked.empty? ? [] : jobs + marks + sheets + printers + methods + words

    private

    def like(scope, *columns)
      pattern = "%#{ActiveRecord::Base.sanitize_sql_like(@asked)}%"
      scope.where(columns.map { |column| "#{column} LIKE :p ESCAPE '\\'" }.join(" OR "), p: pattern).limit(MOST)
    end

    def jobs
      like(Job, "title", "for_whom").order(id: :desc).map do |job|
        Hit.new("Job", job.title, ("put away" if job.archived_at), "/jobs/#{job.id}", nil)
      end
    end

    def marks
      marks = Mark.live.joins(:piece).left_joins(:artwork).preload(:artwork, piece: :job)
      like(marks, "artworks.name", "artworks.lettering", "pieces.name").order(id: :desc).map do |mark|
        Hit.new("Mark", mark.title, "on #{mark.piece.name}, #{mark.job.title}", "/marks/#{mark.id}", mark)
      end
    end

    def sheets
      like(StockSheet.here, "name", "kept").map do |sheet|
        Hit.new("Sheet", sheet.name, sheet.kept, "/drawer#sheet-#{sheet.id}", nil)
      end
    end

    def printers
      like(::Printer, "name").map do |printer|
        Hit.new("Printer", printer.name, printer.kind, "/printers/#{printer.id}", nil)
      end
    end

    def methods
      listed(UpClose::Methods.all) { |method| [method.title, method.summary] }
        .map { |method| Hit.new("Method", method.title, method.summary, "/methods/#{method.key}", nil) }
    end

    def words
      listed(UpClose::Glossary::ALL) { |term| [term.word, term.meaning] }
        .map { |term| Hit.new("Word", term.word, term.meaning, "/words##{term.key}", nil) }
    end

    def listed(list)
      list.select { |entry| yield(entry).join(" ").downcase.include?(@asked.downcase) }.first(MOST)
    end
  end
end
