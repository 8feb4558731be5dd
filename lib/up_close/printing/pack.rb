# frozen_string_literal: true

module UpClose
  module Printing
    # The sheets of one mark: copies in rows, an outer frame, two measuring bars,
    # a heading outside the marks, corner ticks on each trim line.
    class Pack
      SETTINGS = "100 %, no fit to page, mirror off in the printer's window"
      attr_reader :paper, :copies, :width_mm, :height_mm

      # @param artwork [#draw_on]  @param ink [Artwork::Ink]
      # @param width_mm [Float] of the ink  @param mirrored [Boolean]
      # @param border_mm [Float] kept round the ink inside the trim line
      # @param heading [Heading]  @param windows [Boolean] for paper that is laid face down
      # @param cut [Cutting::Cut, nil] drawn round each copy; nil: corner ticks
      # @raise [Errors::DoesNotFit]
      def initialize(
        artwork:, ink:, width_mm:, mirrored:, copies:, paper:, border_mm:, heading:, margins: Margins.new,
        windows: false, cut: nil
      )
        @width_mm, @mirrored = width_mm.to_f, mirrored
        @copy = Copy.new(artwork: artwork, ink: ink, mirrored: mirrored, border_mm: border_mm, windows: windows,
          cut: cut)
        @height_mm = @width_mm * ink.aspect
        @copies, @border, @heading, @margins = copies, border_mm, heading, margins
        check_copies
        @paper = [paper, paper.landscape].select { |p| rows(p).fits? }.min_by { |p|
          [sheets(p), p.landscape? ? 1 : 0]
        } || refuse(paper)
      end

      # upright, unless that takes more of them
      def sheets(on = @paper) = (copies.to_f / rows(on).per_sheet).ceil

      # @return [Array<Rows::Cell>]
      def cells = @cells ||= rows.cells(copies)

      # @return [Geometry::Box] the ink's own box in a cell
      def ink_box(cell) = cell.box.grown(-@border)

      # @return [Array<Page>]
      def pages
        @pages ||= cells.group_by(&:sheet).map do |sheet, list|
          Page.new(
            paper: paper,
            items: furniture(sheet) + list.flat_map { |cell|
              @copy.boxed(
                cell.copy,
                cell.box
              ) + Label.items(cell.copy.to_s, cell.box.corners, gap_mm: @margins.gap, turned: @mirrored)
            }
          )
        end
      end

      def bars = furniture(1).grep(Items::Bar)

      # @return [Finding] how many fit, with the working
      def finding
        Finding.note(
          :sheets, "Copies on a sheet",
          figure: rows.per_sheet.to_s, value: rows.per_sheet, working: rows.working,
          reason: "#{copies} #{(copies == 1) ? "copy" : "copies"} on #{sheets} " \
            "#{(sheets == 1) ? "sheet" : "sheets"} of #{paper.title}: a frame of " \
              "#{Working.number(@margins.frame)} mm so that it feeds, " \
              "gaps of #{Working.number(@margins.gap)} mm (starting values)."
        )
      end

      private

      def rows(on = @paper)
        Rows.new(
          inside: @margins.inside(on),
          width: @width_mm + 2 * @border,
          height: @height_mm + 2 * @border,
          gap: @margins.gap
        )
      end

      def check_copies
        return if copies.is_a?(Integer) && copies.between?(1, Rows::MOST_COPIES)
        raise Errors::DoesNotFit.new(
          "#{copies} copies cannot be laid out.",
          remedy: "Ask for 1 to #{Rows::MOST_COPIES}.",
          field: :copies
        )
      end

      def refuse(on)
        most = [on, on.landscape].map { |p| @margins.inside(p).grown(-@border) }
        raise Errors::DoesNotFit.new(
          "A mark #{size(@width_mm, @height_mm)} mm does not fit on #{on.title}.",
          remedy: "At most #{size(most[0].width, most[0].height)} fits upright, " \
            "#{size(most[1].width, most[1].height)} on its side, inside the frame.",
          field: :paper
        )
      end

      def size(width, height) = "#{Working.number(width, 1)} × #{Working.number(height, 1)}"

      def furniture(sheet) = Furniture.items(paper, @heading, sheet: sheet, sheets: sheets, mirrored: @mirrored)
    end
  end
end
