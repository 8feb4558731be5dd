# frozen_string_literal: true

require "json"
require "tzinfo"
require "command_line/options"
require "command_line/request_file"

module CommandLine
  # up-close plan: marks laid into a week's hours, as docs/plan.md describes.
  class PlanVerb
    USAGE = "up-close plan REQUEST.json [--ics FILE]"
    MOST_BYTES = 5 * 1024 * 1024

    # the rules of any zone on earth
    Zone = Struct.new(:zone) do
      def at(date, minutes)
        zone.local_to_utc(Time.utc(date.year, date.month, date.day) + minutes * 60) { |periods| periods.last }.to_i
      end

      def date_of(moment) = zone.utc_to_local(Time.at(moment).utc).to_date
    end

    def initialize(arguments)
      @options, files = Options.read(arguments, usage: USAGE, names: %w[ics])
      raise WrongUse, "Give one request: #{USAGE}." unless files.size == 1
      @file = files.first
    end

    # @return [String] JSON
    def call
      request = UpClose::Timetable::Request.new(data, zone: zone)
      plan = request.planner.call(request.chains)
      write(plan, request) if @options[:ics]
      JSON.pretty_generate(
        marks: request.chains.map { |chain| told(request, plan, chain) },
        finish: plan.finish && time(plan.finish)
      )
    end

    private

    def write(plan, request)
      @options[:output].write(@options[:ics], UpClose::Formats::ICS.call(plan, stamp: Time.at(request.from)))
    end

    def data = @data ||= RequestFile.read(@file, most_bytes: MOST_BYTES)

    def zone
      Zone.new(TZInfo::Timezone.get((data.is_a?(Hash) && data["zone"]) || "Etc/UTC"))
    rescue TZInfo::InvalidTimezoneIdentifier
      raise WrongUse, "No zone is called “#{data["zone"]}”."
    end

    def told(request, plan, chain)
      others = UpClose::Timetable::Plan.new(plan.entries.reject { |e| e.chain == chain }, [])
      problem = plan.problems.find { |p| p.chain == chain }
      {
        id: chain.id,
        title: chain.title,
        ready: plan.ready(chain)&.then { |m| time(m) },
        late_s: plan.late_s(chain).round,
        latest_start: request.planner.latest(chain, others)&.then { |late| time(late.start(chain)) },
        problem: problem && {reason: problem.reason, remedy: problem.remedy},
        steps: plan.of(chain).flat_map { |entry| told_entry(entry, request.parts[chain.id]) }
      }
    end

    # a round is told step by step
    def told_entry(entry, parts)
      group = parts[entry.step.key] or return [told_step(entry, entry.step, entry.from, entry.to)]
      group.map do |step|
        to = entry.from + UpClose::Rounds::Round.end_s(group, step.key)
        told_step(entry, step, to - step.least_s, to)
      end
    end

    def told_step(entry, step, from, to)
      {
        step: step.key,
        title: step.title,
        from: time(from),
        to: time(to),
        by_hand: !step.wait?,
        for: step.for,
        piece: step.turn,
        lot: step.lot,
        waits_for: entry.why.first,
        waited_s: entry.waited_s.round
      }
    end

    def time(moment) = Time.at(moment).utc.strftime("%Y-%m-%dT%H:%M:%SZ")
  end
end
