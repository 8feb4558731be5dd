# frozen_string_literal: true

module UpClose
  module Placing
    # A mark repeated evenly: round the piece's middle, or along a run. Whole
    # repeats only: n = round(run ÷ wanted), each then run ÷ n (handbook, “Size and fit”). Frozen.
    class Repeats
      KINDS = {"once" => "once", "round" => "round the middle", "along" => "along a line"}.freeze
      # how a run begins and ends
      ENDS = {
        "half" => "half a gap at either end",
        "whole" => "a mark on either end",
        "centred" => "a mark in the middle"
      }.freeze
      MOST = 200

      attr_reader :kind, :count, :run_mm, :ends, :wanted_mm

      # As many whole repeats as come nearest to a wanted distance; an odd number
      # when one is to lie in the middle, one more when both ends carry one.
      # @return [Integer]
      def self.nearest(run_mm, wanted_mm, ends: "half")
        gaps = run_mm / wanted_mm
        return [(gaps - 1) / 2.0, 0].max.round * 2 + 1 if ends == "centred"
        [gaps.round, 1].max + ((ends == "whole") ? 1 : 0)
      end

      # @param kind [String] a key of KINDS  @param count [Integer]
      # @param run_mm [Float, nil] along: the run's length  @param ends [String] a key of ENDS, for a run
      # @param wanted_mm [Float, nil] the distance that was asked for
      # @raise [Errors::BadShape]
      def initialize(kind: "once", count: 1, run_mm: nil, ends: "half", wanted_mm: nil)
        @kind, @count, @run_mm, @ends, @wanted_mm = kind, (kind == "once") ? 1 : count, run_mm, ends, wanted_mm
        check
        freeze
      end

      # @param hash [Hash, nil] as kept with a mark  @return [Repeats] one, when nothing is kept
      def self.from_h(hash)
        known = hash.to_h.transform_keys(&:to_sym).slice(:kind, :count, :run_mm, :ends, :wanted_mm).compact
        KINDS.key?(known[:kind]) ? new(**known) : new
      end

      def to_h
        if once?
          {}
        else
          {"kind" => kind, "count" => count, "run_mm" => run_mm, "ends" => ends, "wanted_mm" => wanted_mm}.compact
        end
      end

      def once? = count == 1

      # @param placement [Placement] of the first round, of the run's middle along it
      # @return [Array<Placement>]
      def placements(placement)
        return [placement] if once?
        (kind == "round") ? round(placement) : along(placement)
      end

      # whether it is laid along a run, and moved by the run's middle, where none of them may lie
      def run? = !once? && kind == "along"

      # Where they lie along a run, in the mark's own direction, from the run's middle; 0 for one that is moved itself.
      # @return [Array<Float>] mm
      def offsets = run? ? Array.new(count) { |i| step * (i - (count - 1) / 2.0) } : [0.0]

      # the first of them as it lies, which is what is measured to
      # @return [Placement]
      def first(placement) = placements(placement).first

      # mm from one to the next: on the arc through their middles, or along the run
      def pitch(placement) = (kind == "round") ? 2 * Math::PI * placement.centre.length / count : step

      # @param hulls [Array<Array<Point>>] of the copies, in turn
      # @param clearances [Array<Float>] of each to the edge and to places kept off
      # @param clear_mm [Float] wanted, of both
      # @return [Finding]
      def finding(placement, hulls, writer, clearances: [], clear_mm: 0.0)
        gap = gaps(hulls).min
        worst = [gap, *clearances].min
        Finding.new(
          key: :repeats,
          title: "#{count} of them, evenly",
          verdict: Between.verdict(worst, clear_mm),
          figure: "#{writer.with_unit(gap)} between",
          value: gap,
          unit: "mm",
          limit: clear_mm,
          working: working(placement),
          reason: reason(gap, clearances, clear_mm, placement, writer),
          remedy: if worst < clear_mm
                    "Use fewer, make them smaller, or choose #{(kind == "round") ? "another radius" : "another run"}."
                  end
        )
      end

      private

      def check
        return if kind != "along" || ends != "centred" || count.odd?
        raise Errors::BadShape.new(
          "An even number has no mark in the middle.",
          remedy: "Take #{count - 1} or #{count + 1}.",
          field: :count
        )
      end

      def gaps(hulls)
        pairs = hulls.each_cons(2).to_a
        pairs << [hulls.last, hulls.first] if kind == "round" && count > 2
        pairs.map { |a, b| Geometry::Algorithms::HullGap.call(a, b) }
      end

      def reason(gap, clearances, clear_mm, placement, writer)
        out = clearances.count(&:negative?)
        if out.positive?
          return "#{out} of them #{(out == 1) ? "sticks" : "stick"} out, over the edge or onto a place kept off."
        end
        return "They overlap." if gap.negative?
        if [gap, *clearances].min < clear_mm
          return "Some come nearer than the #{writer.with_unit(clear_mm)} you asked for."
        end
        "Each is #{writer.with_unit(pitch(placement))} from the next#{stretch(placement, writer)}."
      end

      # r′ ÷ r − 1
      def stretch(placement, writer)
        return unless wanted_mm
        share = (pitch(placement) / wanted_mm - 1) * 100
        ", #{Working.number(share.abs, 1)} % #{share.negative? ? "less" : "more"} than the " \
        "#{writer.with_unit(wanted_mm)} you asked for"
      end

      def working(placement)
        if kind == "round"
          return Working.new("2π × #{n(placement.centre.length)} ÷ #{count} = #{n(pitch(placement))} mm along the " \
            "arc; 360 ÷ #{count} = #{n(360.0 / count)}°")
        end
        Working.new("#{n(run_mm)} ÷ #{(ends == "whole") ? "(#{count} − 1)" : count} = #{n(step)} mm")
      end

      def step = run_mm / ((ends == "whole") ? [count - 1, 1].max : count).to_f

      def round(placement)
        Array.new(count) do |i|
          turn = 360.0 * i / count
          centre = Geometry::Transform.turn(turn).apply(placement.centre)
          placement.with(x_mm: centre.x, y_mm: centre.y, turn_deg: placement.turn_deg + turn)
        end
      end

      def along(placement)
        way = Geometry::Transform.turn(placement.turn_deg).apply(Geometry::Point[1, 0])
        offsets.map do |offset|
          centre = placement.centre + way * offset
          placement.with(x_mm: centre.x, y_mm: centre.y)
        end
      end

      def n(value) = Working.number(value)
    end
  end
end
