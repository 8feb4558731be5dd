# frozen_string_literal: true

module UpClose
  module Printing
    # The sheets of one mark: copies in rows, an outer frame, two measuring bars,
    # a heading outside the marks, corner ticks on each trim line.
    class Pack
      BAR_MM = 50.0
      SETTINGS = "100 %, no fit to page, driver mirror off"
      EDGE = 5.0
      # triangles to cut out of the border, through which the pencil lines are seen
      WINDOW_MM = 4.0
      WINDOW_SHARE = 0.6

      attr_reader :paper, :copies, :width_mm, :height_mm

      # @param artwork [#draw_on]  @param ink [Artwork::Ink]
      # @param width_mm [Float] of the ink  @param mirrored [Boolean]
      # @param border_mm [Float] kept round the ink inside the trim line
      # @param heading [Heading]  @param windows [Boolean] for paper that is laid face down
      # @raise [Errors::DoesNotFit]
      def initialize(artwork:, ink:, width_mm:, mirrored:, copies:, paper:, border_mm:, heading:, margins: Margins.new, windows: false)
        @artwork, @ink, @width_mm, @mirrored = artwork, ink, width_mm.to_f, mirrored
        @height_mm = @width_mm * ink.aspect
        @copies, @border, @heading, @margins, @windows = copies, border_mm, heading, margins, windows
        check_copies
        @paper = [paper, paper.landscape].find { |p| rows(p).fits? } || refuse(paper)
      end

      def sheets = (copies.to_f / rows.per_sheet).ceil

      # @return [Array<Rows::Cell>]
      def cells = @cells ||= rows.cells(copies)

      # @return [Geometry::Box] the ink's own box in a cell
      def ink_box(cell) = cell.box.grown(-@border)

      # @return [Array<Page>]
      def pages = @pages ||= cells.group_by(&:sheet).map { |sheet, list| Page.new(paper: paper, items: furniture(sheet) + list.flat_map { |cell| copy(cell) }) }

      def bars = furniture(1).grep(Items::Bar)

      # @return [Finding] how many fit, with the working
      def finding
        Finding.new(key: :sheets, title: "Copies on a sheet", verdict: :note, figure: rows.per_sheet.to_s, value: rows.per_sheet, working: rows.working,
          reason: "#{copies} #{(copies == 1) ? "copy" : "copies"} on #{sheets} #{(sheets == 1) ? "sheet" : "sheets"} of #{paper.title}: a frame of #{Working.number(@margins.frame)} mm so that it feeds, gaps of #{Working.number(@margins.gap)} mm (starting values).")
      end

      private

      def rows(on = @paper)
        Rows.new(inside: @margins.inside(on), width: @width_mm + 2 * @border, height: @height_mm + 2 * @border, gap: @margins.gap)
      end

      def check_copies
        return if copies.is_a?(Integer) && copies.between?(1, Rows::MOST_COPIES)
        raise Errors::DoesNotFit.new("#{copies} copies cannot be laid out.", remedy: "Ask for 1 to #{Rows::MOST_COPIES}.", field: :copies)
      end

      def refuse(on)
        most = [on, on.landscape].map { |p| @margins.inside(p).grown(-@border) }
        raise Errors::DoesNotFit.new("A mark #{size(@width_mm, @height_mm)} mm does not fit on #{on.title}.",
          remedy: "At most #{size(most[0].width, most[0].height)} fits upright, #{size(most[1].width, most[1].height)} on its side, inside the frame.", field: :paper)
      end

      def size(width, height) = "#{Working.number(width, 1)} × #{Working.number(height, 1)}"

      def copy(cell)
        artwork = @artwork.respond_to?(:for_copy) ? @artwork.for_copy(cell.copy) : @artwork
        [Items::Mark.new(artwork: artwork, ink: @ink, box: ink_box(cell), mirrored: @mirrored), *ticks(cell.box), *windows(cell.box)]
      end

      # one in the middle of each side, its foot on the trim line, its tip towards the ink
      def windows(box)
        return [] unless @windows && @border >= 3
        half, deep = WINDOW_MM / 2, @border * WINDOW_SHARE
        middle = box.centre
        [[middle.x, box.y, 0, 1], [middle.x, box.bottom, 0, -1], [box.x, middle.y, 1, 0], [box.right, middle.y, -1, 0]].map do |x, y, inx, iny|
          foot = Geometry::Point.new(x, y)
          along = Geometry::Point.new(iny.abs, inx.abs) * half
          Items::Line.new([foot - along, foot + Geometry::Point.new(inx, iny) * deep, foot + along])
        end
      end

      # two short lines in each corner of the trim line, well away from the ink
      def ticks(box)
        return [] if @border < 2
        size = [1.2, box.width / 4, box.height / 4].min
        [[box.x, 1], [box.right, -1]].product([[box.y, 1], [box.bottom, -1]]).flat_map do |(x, sx), (y, sy)|
          corner = Geometry::Point.new(x, y)
          [Geometry::Point.new(x + sx * size, y), Geometry::Point.new(x, y + sy * size)].map { |tip| Items::Line.new([corner, tip]) }
        end
      end

      def furniture(sheet)
        bottom = paper.height_mm - EDGE - Items::Bar::TICK
        [
          Items::Bar.new(x: 20.0, y: bottom, length: BAR_MM, direction: :horizontal),
          Items::Text.new("50.0 mm: measure this", x: 73.0, y: bottom + 2.1),
          Items::Bar.new(x: EDGE, y: 30.0, length: BAR_MM, direction: :vertical),
          Items::Text.new("50", x: EDGE, y: 84.0),
          *@heading.items(sheet: sheet, sheets: sheets, mirrored: @mirrored, x: 20.0, y: EDGE + 2.4)
        ]
      end
    end
  end
end
