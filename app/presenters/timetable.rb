# frozen_string_literal: true

module Presenters
  # The plan as the page shows it: what to do now, each mark's dates, day by day.
  class Timetable
    MOST_DAYS = 21
    # of a shop with more marks than a page lists at once
    DAYS_OF_MANY = 4
    A_PAGE = 40
    # of no more marks, what would help each and how late it can begin stand there unasked
    UNASKED = 12

    attr_reader :work, :page

    # @param work [Actions::PlanWork]
    # @param page [Integer] of the list of marks, from 1
    # @param asked [Integer, nil] a mark to work out the ways out for
    def initialize(work, now:, page: 1, asked: nil)
      @work, @now, @asked = work, now, asked
      wanted = asked ? at_asked : page
      @page = wanted.clamp(1, pages)
    end

    def plan = work.plan

    # by the date they are wanted
    def chains = @chains ||= work.chains.sort_by { |c| [c.due || Float::INFINITY, c.id] }

    def many? = chains.size > A_PAGE

    def pages = [(chains.size / A_PAGE.to_f).ceil, 1].max

    # @return [Array<UpClose::Timetable::TaskChain>] those of the page
    def listed = chains.slice((page - 1) * A_PAGE, A_PAGE) || []

    # whether what would help it, and its latest beginning, are worked out with the page: both take a while
    def asked?(chain) = chains.size <= UNASKED || chain.id == @asked

    # @return [String, nil] how old the plan is that is shown, when it is not of this moment
    def age_words
      return "The first plan is being laid." if work.chains.empty? && work.unplanned.positive?
      age = @now - work.laid_at
      return if age < Actions::LaidPlan::SLOT_S && work.unplanned.zero?
      sentence = "Planned #{Moments.about(age)} ago"
      work.unplanned.positive? ? "#{sentence}; #{work.unplanned} not planned yet" : sentence
    end

    # what is to be taken in hand first
    # @return [UpClose::Timetable::Plan::Entry, nil]
    def next_entry = stretches.select(&:hands?).min_by(&:from)

    # a job's marks that miss its date, as planned
    # @return [Array<UpClose::Timetable::TaskChain>]
    def late(job) = work.chains.select { |chain| work.mark(chain).job == job && plan.late_s(chain) > 0 }

    # @return [String, nil] why something is planned outside the maker's hours
    def stay
      outside = plan.entries.any? do |e|
        e.hands? && e.chain.begun? && e.pieces.any? { |from, _| from < work.staying.to_f && !own?(from) }
      end
      if outside
        "You ended a step at #{moment(work.seen_at)}: what is under way is planned as if you stay until " \
        "#{moment(work.staying)} (an hour and a half, a starting value). Nothing new is begun outside your hours."
      end
    end

    # windows that this shop's own tries made longer or shorter, said once
    # @return [Array<String>]
    def learned
      keys = work.chains.map { |chain| work.mark(chain).method_key }.compact.uniq
      keys.product(ShopLimits::LEARNED).filter_map do |key, step|
        window = ShopLimits.book.window(key, step) or next
        "#{UpClose::Methods.fetch(key).title}: “#{step}” within #{window.words}."
      end
    end

    def waiting_now = plan.entries.select { |e| !e.hands? && e.from <= @now.to_f + 60 && e.to > @now.to_f }

    def moment(seconds) = Moments.clock(Time.at(seconds), @now)

    # @return [String] ready, and how that stands to the date
    def verdict(chain)
      return :stop if plan.ready(chain).nil? || plan.late_s(chain) > 0
      (chain.due && chain.due - plan.ready(chain) < 86_400) ? :watch : :fine
    end

    # why a step stands where it does
    def why(entry)
      case entry.why.first
      when :follows then (entry.step == entry.chain.steps.first) ? "at once" : "at once, when the step before it ends"
      when :opens then "waits for its time after “#{before(entry)}”"
      when :hours then "waits for your next hours"
      when :busy then "waits until you are free"
      when :place then "waits for #{entry.why.last}"
      when :together then "waits for the pieces that share its tray"
      when :window_ahead then "starts then, so that “#{entry.why.last}” falls in its window"
      end
    end

    # whether a maker can say that it shall not begin before some moment: the first work of a mark not begun
    def movable?(entry)
      entry.hands? && !entry.chain.begun? && work.mark(entry.chain).run.nil? &&
        entry.step.key == entry.chain.steps.first.key
    end

    # the marks that bake with it
    # @return [Array<String>]
    def baked_with(entry)
      return [] unless entry.step.place == :oven
      @bakes ||= plan.entries.select { |other| other.step.place == :oven }.group_by(&:from)
      @bakes.fetch(entry.from, []).reject { |other| other.chain == entry.chain }.map { |other| other.chain.title }
    end

    # what the time of a mark goes into
    # @return [String]
    def in_the_way(chain, from = plan)
      waits = from.waits(chain)
      parts = {
        "by hand" => chain.hands_s,
        "drying and waiting" => chain.steps.select(&:wait?).sum(&:least_s),
        "waiting for your hours" => waits[:hours],
        "waiting for the right moment" => waits[:opens],
        "to meet the time limits" => waits[:window_ahead],
        "while you work on other marks" => waits[:busy],
        "for the oven or a place to dry" => waits[:place],
        "for the pieces that share its tray" => waits[:together]
      }
      parts.select { |_, s| s.to_f > 0 }
        .sort_by { |_, s| -s }
        .map { |words, s| "#{Moments.about(s)} #{words}" }
        .join(", ")
    end

    # days on which something is done by hand, with their bars
    # @return [Array<TimetableDay>]
    def days = @days ||= dates.map { |date| TimetableDay.new(date, spans(date), drawn_about(date)) }

    def dates = by_date.keys.sort.first(many? ? DAYS_OF_MANY : MOST_DAYS)

    # what can be seen on a day's drawing, which may run on past midnight
    def drawn_about(date)
      from, to = [0, 2880].map { |minutes| Shelves::LocalZone.at(date, minutes) }
      drawn.select { |e| e.from < to && e.to > from }
    end

    # what lies in a place already is drawn there
    def drawn = @drawn ||= with_lying

    def with_lying
      lying = work.in_place.entries.to_h { |e| [[e.chain.id, e.step.key], e] }
      stretches.map { |e| lying.fetch([e.chain.id, e.step.key], e) }
    end

    # rounds one after the other as one stretch
    # @return [Array<UpClose::Timetable::Plan::Entry>]
    def stretches = @stretches ||= work.stretches

    # @param chain [UpClose::Timetable::TaskChain]
    # @return [Array<UpClose::Timetable::Plan::Entry>] of one mark
    def stretches_of(chain) = (@by_chain ||= stretches.group_by { |entry| entry.chain.id }).fetch(chain.id, [])

    def entries_on(date) = by_date.fetch(date, [])

    private

    # work by hand, by the days it begins or goes on
    # @return [Hash{Date => Array<UpClose::Timetable::Plan::Entry>}]
    def by_date
      @by_date ||= stretches.select(&:hands?).each_with_object({}) do |entry, all|
        entry.pieces.map { |from, _| date_of(from) }.uniq.each { |date| (all[date] ||= []) << entry }
      end
    end

    # days begin on a quarter of an hour in every zone
    QUARTER_S = 900

    def date_of(moment)
      @dates ||= Hash.new { |known, quarter| known[quarter] = Shelves::LocalZone.date_of(quarter * QUARTER_S) }
      @dates[moment.div(QUARTER_S)]
    end

    # the page that lists the mark that was asked for
    def at_asked = (chains.index { |chain| chain.id == @asked } || 0) / A_PAGE + 1

    def before(entry) = entry.chain.steps.find { |s| s.key == entry.step.after }&.title || "the one before"

    # in the maker's own hours
    def own?(moment) = (@own ||= work.hours.spans(@now.to_f, 2)).any? { |interval| interval.contains?(moment) }

    def spans(date)
      work.hours.pattern(date).map do |from, to|
        [Shelves::LocalZone.at(date, from), Shelves::LocalZone.at(date, (to > from) ? to : to + 1440)]
      end
    end
  end
end
