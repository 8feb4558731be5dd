# frozen_string_literal: true

module Presenters
  # The record of a mark, a method or the shop: photographs, the chance as it narrowed, faults by cause, two papers
  # compared, limits known here, and the coupon that would teach most.
  class RecordPage
    # what one try costs is kept as long as the mark and the prices are the same
    PER_TRY = Shelves::LruCache.new(most: 60)
    # tries before a chance is told over time
    LEAST = 2

    attr_reader :record

    # @param record [RecordOf]  @param now [Time]
    def initialize(record, now:)
      @record, @now = record, now
    end

    def transfer_method = record.transfer_method

    def title = record.mark ? record.mark.title : transfer_method&.title || "The shop's record"

    def empty? = record.total.zero?

    # "26 attempts since 2 July, 16 good, 5 usable, 5 spoilt."
    def tally
      return "Nothing recorded yet." if empty?
      counts = UpClose::Record::RESULTS.keys.filter_map { |key| "#{record.results[key]} #{key}" if record.results[key] }
      tries = (record.total == 1) ? "attempt" : "attempts"
      "#{record.total} #{tries} since #{day_words(first_day)}, #{counts.join(", ")}."
    end

    # @return [UpClose::Record::PooledChance]
    def chance
      @chance ||= UpClose::Record::PooledChance.new(
        expected, own: [record.total - record.results.fetch("spoilt", 0), record.total]
      )
    end

    # what was expected before anything was tried
    def expected
      return 0.7 unless transfer_method
      key = record.way&.at(2)
      stock = key && UpClose::Sheets::Stock.fetch(key)
      transfer_method.chance_with(stock)
    end

    def chart? = record.days.sum(&:last) >= LEAST

    # @return [RecordChart]
    def chart = @chart ||= RecordChart.new(record, expected, from: first_day, to: last_day)

    # "Now between 69 and 92 in 100."
    def now_words
      low, high = chance.interval.map { |share| (share * 100).round }
      "Now between #{low} and #{high} in 100."
    end

    # @return [Array<Array(String, Integer)>] what was found, then faults of which nobody found the cause
    def causes
      @causes ||= record.causes.map { |key, count| [cause_title(key), count] } +
        record.faults.map { |key, count| ["#{UpClose::Record::FAULTS.fetch(key, key)}, cause not told", count] }
    end

    # @return [Array<PapersTried::Paper>]
    def papers = papers_tried.papers

    # @return [String, nil] which of them is better, and how sure that is
    def better = papers_tried.better

    # @return [Array<UpClose::Record::KnownLimit>]
    def limits
      return [] unless transfer_method && record.way
      @limits ||= ShopLimits.book(now: @now).known(transfer_method, way_core).values.first(4)
    end

    # @return [UpClose::Record::Way]
    def way_core
      key, printer, stock, material = record.way
      UpClose::Record::Way.new(
        method_key: key, printer: printer.to_sym, stock: stock,
        family: material && UpClose::Materials.material(material).family
      )
    end

    # @return [CouponToMake::Teach, nil]
    def teach = (transfer_method && record.way) ? CouponToMake.new(record.causes, limits).call : nil

    # @return [Array<SchoolChange>] the newest first
    def changes
      return [] unless transfer_method
      @changes ||= SchoolChange.where(method_key: transfer_method.key).order(made_at: :desc).limit(4).to_a
    end

    # by month
    def table = record.months.map { |month, counts| [Date.iso8601("#{month}-01").strftime("%B %Y"), counts] }

    # "27 Aug"
    def day_of(attempt) = attempt.made_at.getlocal.strftime("%-d %b")

    # the first fault, or how it came out
    def caption(attempt)
      fault = attempt.faults.first&.then { |key| UpClose::Record::FAULTS[key] }
      fault ? fault.split(" or ").first : attempt.result
    end

    # @return [UpClose::Record::ChanceModel, nil] on what the tries by its method turn
    def model = @model ||= transfer_method && ShopLimits.book(now: @now).model(transfer_method.key)

    # What a good one cost as the chance stood, at today's prices; cents.
    # @return [CostChart, nil]
    def costs
      return @costs if defined?(@costs)
      cents = per_try
      @costs = cents && CostChart.new(chart, cents)
    end

    private

    def papers_tried = @papers_tried ||= PapersTried.new(record)

    # what one try costs, of the mark or the newest by this method
    # @return [Float, nil] cents
    def per_try
      mark = record.mark || (transfer_method && last_placed)
      return unless mark&.method_key && mark.artwork && chart?
      cents = PER_TRY.fetch([mark.id, mark.updated_at, ShopPrices.stamp]) { mark.planned.estimate.per_copy.to_f }
      cents if cents.positive?
    end

    # the newest mark of this method whose size and artwork are known
    def last_placed
      Mark.live.where(method_key: transfer_method.key).where.not(width_mm: nil).where.not(artwork_id: nil)
        .order(:id).last
    end

    def first_day = Date.jd(record.days.first.first)

    def last_day = [Date.jd(record.days.last.first), @now.to_date].max

    def day_words(day) = day.strftime((day.year == @now.year) ? "%-d %B" : "%-d %B %Y")

    def cause_title(key)
      cause = UpClose::Diagnosis::Causes.find(key) or return key.tr("-", " ")
      title = cause.title
      (title.is_a?(String) ? title : key.tr("-", " ")).sub(/\A./, &:downcase)
    end
  end
end
