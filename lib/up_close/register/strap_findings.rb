# frozen_string_literal: true

module UpClose
  module Register
    # A strap's figures, each with its working, and how it is used.
    class StrapFindings
      # @param strap [Strap]  @param writer [Measure::LengthWriter]  @param paper [Printing::Paper] it is printed on
      # @param joins_mm [Array(Float, Float), nil] where the handle's free inside begins and ends, below the rim
      def initialize(strap, writer:, paper:, joins_mm: nil)
        @strap, @writer, @paper, @joins = strap, writer, paper, joins_mm
      end

      # @return [Array<Finding>]
      def findings = [handle, girth, curve, sheet].compact

      # @param marks [String] what the corners are marked with
      # @return [Array<Array(String, String)>] a bold beginning, and the rest
      def steps(marks)
        [
          [@strap.window? ? "Cut it out, and the window." : "Cut it out.", "Keep the numbers."],
          ["Join it under the handle.", "End on line; level marks #{mm(@strap.down)} from the rim, all four."],
          ["Mark corners 1 to 4 #{marks}.", "Take it off."]
        ]
      end

      private

      TOUCHES = "It touches the handle. Cut the ends shorter there and tape them."
      IN_PARTS = "Longer than a sheet: it is printed in parts that lap over."
      private_constant :TOUCHES, :IN_PARTS

      def handle
        return unless @joins
        free = [@strap.down - @joins.first, @joins.last - @strap.down - @strap.high].min
        Finding.new(
          key: :handle, title: "Passes inside the handle", verdict: free.negative? ? :watch : :fine,
          figure: mm(free.abs), value: free, unit: "mm",
          working: Working.new("free from #{n(@joins.first)} to #{n(@joins.last)}, the strap from " \
            "#{n(@strap.down)} to #{n(@strap.down + @strap.high)} mm below the rim"),
          reason: free.negative? ? TOUCHES : "It lies flat all round."
        )
      end

      def girth
        Finding.note(
          :girth, "Girth at its upper edge", figure: mm(@strap.upper), value: @strap.upper, unit: "mm",
          working: @strap.wall.working(@strap.down),
          reason: "Lower edge #{mm(@strap.lower)}. Hold a tape round it: if that differs by more than 0.5 mm, " \
            "measure the piece again."
        )
      end

      def curve
        radius = @strap.wall.arc_radius(@strap.down) or return
        Finding.note(
          :curve, "Curved to fit", figure: "radius #{mm(radius)}", value: radius, unit: "mm",
          working: Working.new("slant × top ÷ (top − foot), less #{n(@strap.down)} below the rim = #{n(radius)}"),
          reason: "Lower edge #{mm(@strap.wall.arc_radius(@strap.down + @strap.high))}: a straight strip would climb."
        )
      end

      def sheet
        box = @strap.box
        fits = [@paper, @paper.landscape].find { |paper|
          inside(paper).then { |b| box.width <= b.width && box.height <= b.height }
        }
        Finding.note(
          :sheet, "On the sheet", figure: fits ? fits.title : "in tiles", value: box.width, unit: "mm",
          working: Working.new("#{n(box.width)} × #{n(box.height)} mm"),
          reason: fits ? "One strap works for all pieces of this kind." : IN_PARTS
        )
      end

      def inside(paper) = Printing::Margins.new.inside(paper)

      def n(value) = Working.number(value)

      def mm(value) = @writer.with_unit(value)
    end
  end
end
