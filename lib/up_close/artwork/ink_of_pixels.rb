# frozen_string_literal: true

module UpClose
  module Artwork
    # Finds the ink in pixels: everything darker than the lightest tone that is laid.
    # The box and the hull run along pixel edges, so they are exact for a picture.
    class InkOfPixels
      LIGHTER = 255 * (1 - InkTone::LIGHTEST)
      SILHOUETTE_PX = 400
      INK = "\xFF".b.freeze
      BARE = "\0".b.freeze

      # @param image [Vips::Image] sRGB or grey, 8 bit, no alpha
      # @param soft [Boolean] a rendering: its outermost pixels are partly covered
      # @param palest [Numeric, nil] as InkTone.cover takes it: near ink its edge lies at half of that
      # @param paper [Numeric, nil] levels, what is no darker is the paper it was drawn on
      # @return [Ink, nil]
      def self.call(image, soft: false, palest: nil, paper: nil)
        new(image, soft: soft, palest: palest, paper: paper).call
      end

      def initialize(image, soft: false, palest: nil, paper: nil)
        @image = image
        @soft = soft
        @bare = paper || 255 - LIGHTER
        mask = image < 255 - @bare
        @mask = Graphics::Pixels.held((mask.bands > 1) ? mask.bandor : mask)
        @mask = undamaged(palest) if palest
      end

      def call
        columns, rows = @mask.project.map { |line| line.to_a.flatten }
        left, top = columns.index(&:positive?), rows.index(&:positive?)
        return unless left
        box = Geometry::Box.new(
          x: left,
          y: top,
          width: columns.rindex(&:positive?) + 1 - left,
          height: rows.rindex(&:positive?) + 1 - top
        )
        Ink.new(box: @soft ? within_pixels(box) : box, hull: hull(box), centroid: centroid, rows: silhouette)
      end

      private

      # Near ink what is half as dark as it, or as what is drawn there; elsewhere all that is laid, single places aside.
      def undamaged(palest)
        tone = InkTone.tone(@image)
        near = InkTone.near?(tone, palest)
        drawn = tone >= InkTone.drawn(tone, palest, @bare) / 2.0
        kept = Graphics::Pixels.held(near.ifthenelse(drawn, Graphics::Pixels.evened(@mask)))
        kept.max.zero? ? @mask : kept
      end

      # How far into its outermost pixels the ink reaches: their darkest against
      # the darkest of the next, which straight and gently curved edges fill.
      def within_pixels(box)
        x, y, w, h = box.to_a.map(&:to_i)
        return box if w < 3 || h < 3
        left, right = [[x, x + 1], [x + w - 1, x + w - 2]].map do |edge, next_in|
          bare([edge, y, 1, h], [next_in, y, 1, h])
        end
        top, bottom = [[y, y + 1], [y + h - 1, y + h - 2]].map do |edge, next_in|
          bare([x, edge, w, 1], [x, next_in, w, 1])
        end
        Geometry::Box.new(x: x + left, y: y + top, width: w - left - right, height: h - top - bottom)
      end

      # @return [Float] share of the outer line left bare, 0..1
      def bare(outer, inner)
        dark = [outer, inner].map { |area| 255.0 - @image.crop(*area).min }
        (1 - dark[0] / dark[1]).clamp(0.0, 1.0)
      end

      # first ink of each row from the left and from the right
      def hull(box)
        lefts = first_in_rows(@mask)
        rights = first_in_rows(@mask.fliphor).map { |gap| @mask.width - gap }
        rows = (box.y.to_i...box.bottom.to_i).reject { |y| lefts[y] >= @mask.width }
        # of rows that reach equally far only the first and the last can be corners
        points = rows.chunk_while { |a, b|
          b == a + 1 && lefts[a] == lefts[b] && rights[a] == rights[b]
        }.flat_map do |run|
          [run.first, run.last + 1].product([lefts[run.first], rights[run.first]]).map do |y, x|
            Geometry::Point.new(x, y)
          end
        end
        Geometry::Algorithms::ConvexHull.call(points)
      end

      def first_in_rows(mask) = mask.profile[1].to_a.flatten

      def centroid
        dark = @image.bandmean.linear(-1, 255) * (@mask / 255.0)
        columns, rows = dark.project.map { |line| line.to_a.flatten }
        Geometry::Point.new(middle(columns), middle(rows))
      end

      def middle(weights)
        weights.each_with_index.sum { |w, i| w * (i + 0.5) } / weights.sum.to_f
      end

      def silhouette
        step = ([@mask.width, @mask.height].max / SILHOUETTE_PX.to_f).ceil.clamp(1, 10_000)
        cells = ((step > 1) ? @mask.cast(:float).shrink(step, step, ceil: true) : @mask) > 0
        bytes = cells.write_to_memory
        (0...cells.height).flat_map { |y| runs(bytes.byteslice(y * cells.width, cells.width), y, step) }.first(20_000)
      end

      # stretches of ink in one row, found by the string's own search
      def runs(row, y, step)
        stretches = []
        from = 0
        while (from = row.index(INK, from))
          to = row.index(BARE, from) || row.bytesize
          stretches << [from * step, y * step, (to - from) * step, step]
          from = to
        end
        stretches
      end
    end
  end
end
