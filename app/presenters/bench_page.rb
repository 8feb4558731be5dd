# frozen_string_literal: true

module Presenters
  # What to do now, over all jobs: what runs, what comes next, what is too late, what dries, which sheets run low.
  class BenchPage
    # lines shown of each list; the rest is a link away
    MOST = {next: 7, late: 3, drying: 4, sheets: 3}.freeze
    VERBS = {
      "purpose" => "Say what it is for", "artwork" => "Choose the artwork", "method" => "Choose a method",
      "place" => "Place it", "sheet" => "Lay out and print", "apply" => "Begin at the bench",
      "record" => "Record how it came out"
    }.freeze

    # A run with the step it stands at
    Running = UpClose::Value.define(:row, :step) do
      def mark = row.mark
      def path = "/runs/#{mark.run.id}"
    end

    # One thing to do. +mark+ is drawn, +others+ more marks stand at the same step; +at+ is a moment or nil.
    Todo = UpClose::Value.define(:mark, :others, :words, :path, :at, :hands_s)

    attr_reader :table, :empty_jobs

    # @param empty_jobs [Array<Job>] of which no piece is measured yet
    # @param rows [Array<CardRow>] of marks that are not done  @param table [Timetable]
    def initialize(empty_jobs:, rows:, table:, now:)
      @empty_jobs, @rows, @table, @now = empty_jobs, rows, table, now
    end

    # what can be gone on with, the most urgent first
    # @return [Array<Running>]
    def running = @running ||= under_way.reject { |run| run.step.step.wait? }.sort_by { |run| urgency(run) }

    # what dries, bakes or soaks
    # @return [Array<Running>]
    def drying
      @drying ||= under_way.select { |run| run.step.step.wait? }.sort_by { |run| run.step.state.opens_at || 0 }
        .first(MOST[:drying])
    end

    # @return [Array<Todo>]
    def coming = @coming ||= planned + unplanned

    # marks that miss their date, as planned
    # @return [Array<UpClose::Timetable::TaskChain>]
    def late = table.chains.select { |chain| table.plan.late_s(chain) > 0 }.first(MOST[:late])

    def mark(chain) = table.work.mark(chain)

    # part-used sheets of which no whole one is left, where a mark still wants to be printed on such
    # @return [Array<StockSheet>]
    def low_sheets
      open = @rows.map(&:mark).select { |mark| mark.method_key && mark.packed_at.nil? }
      wanted = open.uniq { |mark| [mark.method_key, mark.stock, mark.printer] }
        .map { |mark| [mark.setting.stock.key.to_s, mark.printer.to_s] }
      by_kind = StockSheet.here.where(stock: wanted.map(&:first).uniq).group_by { |sheet| [sheet.stock, sheet.printer] }
      low = by_kind.select { |kind, list| wanted.include?(kind) && list.all? { |sheet| sheet.used.any? } }
      low.values.map { |sheets| sheets.min_by { |sheet| sheet.free_room.area_mm2 } }.first(MOST[:sheets])
    end

    # days without a backup after which the bench says so
    BACKUP_DAYS = 7

    # @param last [Time, nil] when the shop was last backed up
    # @return [String]
    def backup_words(last)
      return "No backup yet." unless last
      days = ((@now - last) / 86_400).floor
      if days.zero?
        "Backed up today."
      else
        "Last backup #{days} #{(days == 1) ? "day" : "days"} ago."
      end
    end

    def backup_due?(last) = last.nil? || @now - last > BACKUP_DAYS * 86_400

    # how much is left to do by hand today, and till when
    # @return [String, nil]
    def evening
      today = table.entries_on(date)
      return if today.empty?
      ends = table.work.hours.pattern(date).map(&:last).max
      last = today.map(&:to).max
      hands = Moments.about(today.sum { |entry| entry.to - entry.from })
      sentence = "#{hands} of work today, done by #{table.moment(last)}."
      ends ? "#{sentence} Your hours end at #{format("%d:%02d", ends / 60 % 24, ends % 60)}." : sentence
    end

    private

    def date = Shelves::LocalZone.date_of(@now.to_f)

    def under_way
      @under_way ||= @rows.select { |row| row.mark.run && !row.mark.run.finished? && row.mark.run.leader_id.nil? }
        .map { |row| Running.new(row, BenchStep.new(row.mark.run, now: @now)) }
    end

    # late first, then what closes soonest, then what has time
    def urgency(run)
      state = run.step.state
      [state.late? ? 0 : 1, state.closes_at || Float::INFINITY, run.mark.id]
    end

    def row_of = @row_of ||= @rows.to_h { |row| [row.mark.id, row] }

    # the first thing to do by hand of each mark not begun, by its moment; the same of one job told once
    def planned
      firsts = table.stretches.select(&:hands?).uniq { |entry| entry.chain.id }
        .select { |entry| row_of[entry.chain.id] && mark(entry.chain).run.nil? }
      firsts.group_by { |entry| [mark(entry.chain).job.id, words(entry)] }.values.map { |same| todo(same) }
        .sort_by(&:at)
    end

    def todo(same)
      first = same.first
      Todo.new(
        mark(first.chain), same.drop(1).map { |entry| mark(entry.chain) }, words(first), path(mark(first.chain)),
        first.from, same.sum { |entry| entry.step.least_s }
      )
    end

    def words(entry)
      stage = row_of.fetch(entry.chain.id).next_stage
      (stage == "apply") ? entry.step.title : VERBS.fetch(stage)
    end

    def path(mark) = "/marks/#{mark.id}/#{row_of.fetch(mark.id).next_stage}"

    # what waits for a decision or a word, and has no moment
    def unplanned
      told = planned.flat_map { |todo| [todo.mark, *todo.others] } + under_way.map(&:mark)
      told = told.to_set(&:id)
      rest = @rows.reject { |row| told.include?(row.mark.id) || row.mark.run&.then { |run| !run.finished? } }
      rest.map { |row| Todo.new(row.mark, [], VERBS.fetch(row.next_stage), path(row.mark), nil, nil) }
        .sort_by { |todo| (todo.words == VERBS["record"]) ? 0 : 1 }
    end
  end
end
