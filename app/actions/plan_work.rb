# frozen_string_literal: true

module Actions
  # Everything still to be done, laid into the shop's hours from now on: what is done early, late or again moves the
  # rest by itself.
  class PlanWork
    CHAINS = WrittenChains.new

    attr_reader :now, :shop, :chains, :plan, :laid_at

    # @param now [Time]
    # @param marks [Array<Mark>, nil] live ones of open jobs, where a page has loaded them already
    def initialize(now, shop: ShopTime.current, marks: nil)
      @now, @shop = now, shop
      @marks = marks ? PlanWork.open_among(marks, now) : PlanWork.open_marks(now)
      @laid = LaidPlan.fetch(now, @marks) { |open| PlanWork.lay(now, shop, open) }
      @laid_at, @chains = @laid.at, @laid.chains.select { |chain| @marks.key?(chain.id) }
      @plan = (@chains.size == @laid.chains.size) ? @laid.plan : @laid.plan.only(@chains)
    end

    # for the thread that lays it
    # @return [Array(Array<UpClose::Timetable::TaskChain>, UpClose::Timetable::Plan)]
    def self.lay(now, shop, marks)
      work = allocate
      work.send(:lay_anew, now, shop, marks)
      [work.chains, work.plan]
    end

    # marks that the plan does not hold yet
    def unplanned = @marks.size - chains.size

    # @return [Hash{Integer => Mark}]
    def self.open_marks(now)
      open_among(Mark.in_work(now).where.not(placed_at: nil)
        .preload(:artwork, piece: :job, runs: [:step_ends, {leader: :step_ends}]), now)
    end

    # ready for the sheet or further, and not done; what follows another mark's run is planned with it
    # @return [Hash{Integer => Mark}]
    def self.open_among(marks, now)
      open = marks.select do |mark|
        mark.method_key && mark.placed? && !mark.job.archived_at && !mark.run&.over?(now) && !mark.run&.leader_id
      end
      open.sort_by(&:id).to_h { |mark| [mark.id, mark] }
    end

    # @return [UpClose::Timetable::Hours]
    def hours = @hours ||= shop.hours

    # a step was done so lately that you must be there, and will be for a while: for
    # what is under way, whatever your hours; nothing new is begun outside them
    STAY_S = 90 * 60

    # @return [Time, nil] when the last step was done, if that was so lately
    def seen_at
      @seen_at ||= @marks.values.flat_map { |mark| mark.run&.step_ends.to_a.map(&:done_at) }.max&.then do |moment|
        moment if laid_at - moment < STAY_S
      end
    end

    # @return [Float, nil] till when you are taken to stay
    def staying = seen_at && laid_at.to_f + STAY_S

    def mark(chain) = @marks.fetch(chain.id)

    # begun as late as it can be, the others being where they are
    # @return [UpClose::Timetable::Plan, nil]
    def latest(chain) = LaidPlan.answer(@laid, chain.id, :latest) { begun_latest(chain) }

    # @return [Array<UpClose::Timetable::Plan::Entry>] rounds one after the other as one stretch
    def stretches
      return UpClose::Timetable::Stretches.call(plan.entries) unless plan.equal?(@laid.plan)
      LaidPlan.answer(@laid, :stretches) { UpClose::Timetable::Stretches.call(plan.entries) }
    end

    # @return [Array<UpClose::Timetable::WaysOut::Way>]
    def ways_out(chain)
      LaidPlan.answer(@laid, chain.id, :ways_out) do
        UpClose::Timetable::WaysOut.new(hours, chains, zone: Shelves::LocalZone, **planner)
          .call(chain, quicker: quicker(chain))
      end
    end

    # what lies in the oven or dries already: it keeps its place, beside whatever went in with it
    # @return [UpClose::Timetable::Plan]
    def in_place
      @in_place ||= UpClose::Timetable::Plan.new(chains.filter_map { |chain| lying(chain) }, [])
    end

    # the wanted date is the morning of the day it is due
    MORNING_MIN = 540

    private

    def begun_latest(chain)
      others = UpClose::Timetable::Plan.new(plan.entries.reject { |e| e.chain == chain } + in_place.entries, [])
      UpClose::Timetable::Planner.new(hours, **planner).latest(chain, others)
    end

    # of the moment the plan was laid at, which may be a minute ago: its stretches lie in the hours from then on
    def planner = {from: laid_at.to_f, holds: shop.holds, busy: in_place, staying: staying}

    def lying(chain)
      first = chain.steps.first
      step = first && mark(chain).run&.steps_core&.find { |s| s.key == first.key }
      return unless step&.wait? && step.place && first.least_s.positive?
      UpClose::Timetable::Plan::Entry.new(
        chain: chain,
        step: step,
        from: laid_at.to_f,
        to: laid_at.to_f + first.least_s,
        pieces: []
      )
    end

    def lay_anew(now, shop, marks)
      @now, @shop, @marks, @laid_at = now, shop, marks, now
      @chains = Held.during { CHAINS.call(marks.values) { |mark| chain(mark) } }
      @plan = UpClose::Timetable::Planner.new(hours, **planner).call(@chains)
    end

    def chain(mark, steps: nil)
      run = mark.run
      marks = run&.together&.any? ? run.marks : [mark]
      wanted = marks.filter_map { |together| together.job.due_on }.min
      due = wanted && Shelves::LocalZone.at(wanted, MORNING_MIN)
      done = run ? run.step_ends.to_h { |e| [e.step, e.done_at.to_f] } : {}
      UpClose::Timetable::TaskChain.new(
        id: mark.id,
        title: marks.map(&:title).join(" and "),
        steps: UpClose::Rounds.gathered(left(run, steps || (run ? run.walk.paced : mark.planned.written_out), done)),
        due: due,
        from: (mark.not_before.to_f if mark.not_before && run.nil?),
        copies: run ? run.pieces : mark.good_wanted,
        ends: done
      )
    end

    # what of a wait has gone by already is not waited for again
    def left(run, steps, done)
      rest = steps.reject { |step| done.key?(step.key) }
      return [curing(run)] if run && rest.empty?
      return rest unless run && rest.first&.wait?
      gone = now.to_f - (done.values.max || run.began_at.to_f)
      [rest.first.then { |step|
        UpClose::Methods::Step.from_h(step.to_h.merge(least_s: [step.least_s - gone, 0].max, most_s: nil, place: nil))
      }, *rest.drop(1)]
    end

    # a cure that was ended before its time goes on all the same
    def curing(run)
      UpClose::Methods::Step.new(
        key: "still-curing",
        phase: :seal,
        kind: :wait,
        title: "Still curing",
        words: "Leave it alone.",
        least_s: [run.clockwork.ready_at(now.to_f) - now.to_f, 0].max,
        dries: true
      )
    end

    def quicker(chain)
      mark = mark(chain)
      mark.run ? [] : QuickerWays.call(mark).map { |words, steps| [words, chain(mark, steps: steps)] }
    end
  end
end
