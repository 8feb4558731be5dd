# frozen_string_literal: true

module Bench
  # Fills the demo shop with years of work: its own jobs, pieces, marks, runs, tries and sheets again and again, at
  # moments of the past, by SQL. What is finished is copied from a finished mark, what is open from an unfinished one.
  class Years
    JOBS = 500
    PIECES = 5
    MARKS = 4
    TRIES = 10
    SHEETS = 2_000
    # of the jobs, the last ones
    OPEN_JOBS = 10
    # finished, and not put away either
    LEFT_JOBS = 40
    DAY_S = 86_400

    def self.fill(now = Time.now) = new(now).fill

    def initialize(now)
      @now, @db = now, ActiveRecord::Base.connection
      @base = {jobs: 10_000, pieces: 10_000, marks: 10_000, runs: 10_000}
    end

    def fill
      finished = Mark.all.select { |mark| mark.run&.finished? && mark.artwork }
        .min_by { |mark| mark.good_wanted }
      open = Mark.all.find { |mark| mark.placed? && mark.method_key && mark.run.nil? && mark.archived_at.nil? }
      @db.transaction do
        numbers
        jobs
        {finished => [0, JOBS - OPEN_JOBS], open => [JOBS - OPEN_JOBS, JOBS]}.each { |mark, range| work(mark, *range) }
        runs(finished, JOBS - OPEN_JOBS)
        sheets
      end
      @db.execute("ANALYZE")
    end

    private

    def numbers
      @db.execute("CREATE TEMP TABLE n AS WITH RECURSIVE n(i) AS (SELECT 0 UNION ALL SELECT i + 1 FROM n " \
        "WHERE i < #{JOBS * PIECES * MARKS - 1}) SELECT i FROM n")
    end

    # moments of the past, a job every three days or so
    def at(part) = "datetime('#{@now.utc.strftime("%F %T")}', '-' || ((#{JOBS} - (#{part})) * 3) || ' days')"

    # @param set [Hash{String => String}] column → SQL in place of the copied value
    def copy(table, from, where, **set)
      columns = @db.columns(table).map(&:name)
      set = set.transform_keys(&:to_s)
      columns -= ["id"] unless set.key?("id")
      values = columns.map { |name| set.fetch(name) { "t.#{@db.quote_column_name(name)}" } }
      @db.execute("INSERT INTO #{table} (#{columns.map { |c| @db.quote_column_name(c) }.join(", ")}) " \
        "SELECT #{values.join(", ")} FROM #{table} t, n WHERE t.id = #{from} AND #{where}")
    end

    def jobs
      away = "CASE WHEN n.i < #{JOBS - OPEN_JOBS - LEFT_JOBS} THEN #{at("n.i")} END"
      due = "date('#{@now.utc.strftime("%F")}', ((n.i % 21) - 10) || ' days')"
      copy("jobs", Job.first.id, "n.i < #{JOBS}",
        id: "#{@base[:jobs]} + n.i", title: "'Job ' || n.i", archived_at: away,
        created_at: at("n.i"), due_on: "CASE WHEN n.i >= #{JOBS - OPEN_JOBS} THEN #{due} ELSE date(#{at("n.i")}) END")
    end

    # pieces, marks and tries of a range of jobs, like one mark's
    def work(mark, first, last)
      of = ->(each) { "n.i >= #{first * each} AND n.i < #{last * each}" }
      copy("pieces", mark.piece_id, of.call(PIECES), id: "#{@base[:pieces]} + n.i",
        job_id: "#{@base[:jobs]} + n.i / #{PIECES}", name: "'piece ' || n.i")
      each = PIECES * MARKS
      copy("marks", mark.id, of.call(each),
        id: "#{@base[:marks]} + n.i", piece_id: "#{@base[:pieces]} + n.i / #{MARKS}",
        created_at: at("n.i / #{each}"))
      tries(each, of.call(each))
    end

    def tries(each, where)
      from = Attempt.own.where.not(made_at: nil).first.id
      TRIES.times do |i|
        copy("attempts", from, where, mark_id: "#{@base[:marks]} + n.i", run_id: "NULL", copy: (i + 1).to_s,
          piece: [i, 1].max.to_s, result: i.zero? ? "'spoilt'" : "'good'", faults: i.zero? ? "t.faults" : "'[]'",
          created_at: at("n.i / #{each}"), made_at: at("n.i / #{each}"))
      end
    end

    def runs(mark, last)
      run = mark.run
      each = PIECES * MARKS
      copy("runs", run.id, "n.i < #{last * each}", id: "#{@base[:runs]} + n.i", mark_id: "#{@base[:marks]} + n.i",
        began_at: at("n.i / #{each}"), ended_at: at("n.i / #{each}"), ready_at: at("n.i / #{each}"))
      run.step_ends.each do |ended|
        copy("step_ends", ended.id, "n.i < #{last * each}",
          run_id: "#{@base[:runs]} + n.i", done_at: at("n.i / #{each}"))
      end
    end

    def sheets
      copy("stock_sheets", StockSheet.here.first.id, "n.i < #{SHEETS}", name: "'sheet ' || n.i",
        state: "CASE WHEN n.i % 10 = 0 THEN 'here' ELSE 'used_up' END")
    end
  end
end
