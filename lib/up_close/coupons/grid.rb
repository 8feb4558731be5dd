# frozen_string_literal: true

require "matrix"

module UpClose
  module Coupons
    # Settings tried on a grid, and the best of them: a surface of the second degree laid through what came of each
    # field, drawn towards flat where the fields say little (ridge regression), with what is not known of it.
    class Grid
      # One of the settings. values: in its unit, growing. Frozen.
      Axis = Value.define(:key, :title, :unit, :values) do
        # @return [String] "170 °C"
        def words(value) = [Working.number(value, 1), unit].reject(&:empty?).join(" ")

        # -1 at its first value, 1 at its last
        def standard(value) = (size == 1) ? 0.0 : 2 * (value - values.first) / (values.last - values.first).to_f - 1

        def size = values.size
      end

      # One field: its name, such as "B2", and which settings. Frozen.
      Field = Value.define(:name, :column, :row)

      # What is varied across and down. Frozen.
      Plan = Value.define(:across, :down) do
        # @return [Array<Numeric>]
        def columns = across.values

        def rows = down ? down.values : [nil]

        # @return [Array<Field>]
        def fields
          rows.each_index.flat_map { |row|
            columns.each_index.map { |column| Field.new("#{("A".ord + row).chr}#{column + 1}", column, row) }
          }
        end

        # @param field [Field]  @return [String] "170 °C, 90 s"
        def words(field)
          [across.words(columns[field.column]), down&.words(rows[field.row])].compact.join(", ")
        end

        def to_h = {"across" => across.to_h, "down" => down&.to_h}

        # @param hash [Hash] as +to_h+ gives it, its keys perhaps strings  @return [Plan]
        def self.from_h(hash)
          axes = hash.transform_keys(&:to_s).values_at("across", "down").map do |axis|
            axis && Axis.new(*axis.transform_keys(&:to_s).values_at("key", "title", "unit", "values"))
          end
          new(*axes)
        end
      end

      # how far a coefficient may lie from flat, in shares, and how far a field from the surface, at least
      SPREAD = 0.6
      NOISE = 0.05
      # the surface is looked at so finely
      STEPS = 24
      # nearer to an edge than this share of the range, the best may lie beyond it
      EDGE = 0.08
      # growing by less than this over the last eighth is flat
      RISING = 0.005

      # The best settings. at: of each axis. beyond: axis key → :more or :less, where the edge is best. sure: that it is
      # better than the middle of the grid. from, to: of each axis, where it does as well within what is known. Frozen.
      Best = Value.define(:at, :share, :sure, :beyond, :ranges, :working, keyword_init: true)

      # @param plan [Plan]  @param shares [Hash{String => Float}] field → 0..1, what came over; those not read left out
      # @raise [Errors::BadShape] with fewer than three fields
      def initialize(plan, shares)
        @plan = plan
        @read = plan.fields.filter_map { |field| shares[field.name]&.then { |share| [field, share.to_f] } }
        if @read.size < 3
          raise Errors::BadShape.new(
            "#{@read.size} fields were read; the best place needs three.", remedy: "Read the others too.", field: :grid
          )
        end
        fit
      end

      # @return [Best]
      def best
        highest = candidates.max_by { |place| [mean(place).round(4), -place.sum { |v| v.abs }] }
        Best.new(
          at: values(highest), share: mean(highest).clamp(0.0, 1.0), sure: sure(highest), beyond: beyond(highest),
          ranges: ranges(highest), working: working(highest)
        )
      end

      # @param place [Array<Float>] in standard units  @return [Float] what is expected there
      def mean(place) = basis(place).inner_product(@values)

      private

      def axes = [@plan.across, @plan.down].compact

      def fit
        rows = @read.map { |field, _| basis(standard(field)).to_a }
        shares = @read.map(&:last)
        x = Matrix.rows(rows)
        y = Vector.elements(shares)
        pulls = Array.new(x.column_count) { |i| i.zero? ? Tolerance::SLIGHT : (NOISE / SPREAD)**2 }
        pull = Matrix.diagonal(*pulls)
        @inverse = (x.transpose * x + pull).inverse
        @values = @inverse * (x.transpose * y)
        left = (y - x * @values).to_a.sum { |v| v * v }
        @noise = Math.sqrt([left / [@read.size - x.column_count, 1].max, NOISE**2].max)
      end

      # 1, u, u², and with a second setting v, v², uv
      def basis(place)
        u, v = place
        Vector.elements(v ? [1.0, u, u * u, v, v * v, u * v] : [1.0, u, u * u])
      end

      def standard(field)
        [
          @plan.across.standard(@plan.columns[field.column]), @plan.down&.standard(@plan.rows[field.row])
        ].compact
      end

      def candidates
        line = Array.new(STEPS + 1) { |i| -1 + 2.0 * i / STEPS }
        @candidates ||= axes.one? ? line.zip : line.product(line)
      end

      def values(place)
        axes.zip(place).to_h do |axis, u|
          [axis.key, axis.values.first + (u + 1) / 2 * (axis.values.last - axis.values.first)]
        end
      end

      # how sure it is to do better than the middle of what was tried
      def sure(place)
        apart = basis(place) - basis(Array.new(axes.size, 0.0))
        spread = @noise * Math.sqrt(apart.inner_product(@inverse * apart))
        return 0.5 if spread < Tolerance::ROUNDING
        Math.erf(apart.inner_product(@values) / spread / Math.sqrt(2)) / 2 + 0.5
      end

      def beyond(place)
        axes.each_with_index.with_object({}) do |(axis, i), ways|
          next if axis.size < 2 || place[i].abs < 1 - 2 * EDGE || !rising?(place, i)
          ways[axis.key] = place[i].positive? ? :more : :less
        end
      end

      # still growing as the edge is reached
      def rising?(place, i)
        nearer = place.each_with_index.map { |u, j| (j == i) ? u * 0.75 : u }
        mean(place) - mean(nearer) > RISING
      end

      # where it does as well, within one spread of what is known
      def ranges(place)
        spread = @noise * Math.sqrt(basis(place).inner_product(@inverse * basis(place)))
        as_well = candidates.select { |other| mean(other) > mean(place) - spread }
        axes.each_with_index.to_h do |axis, i|
          low, high = as_well.map { |other| other[i] }.minmax
          [axis.key, [low, high].map { |u| values(Array.new(axes.size) { u }).fetch(axis.key) }]
        end
      end

      def working(place)
        told = @read.map { |field, share| "#{field.name} #{Working.number(share)}" }.join(", ")
        settings = values(place).map { |key, value| axes.find { |axis| axis.key == key }.words(value) }.join(", ")
        Working.new(
          "a surface of the second degree through #{told}: highest, #{Working.number(mean(place))}, at #{settings}",
          source: "each field off it by #{Working.number(@noise)}"
        )
      end
    end
  end
end
