# frozen_string_literal: true

module UpClose
  module Sheets
    module Nesting
      # Lays parts one after the other in the order given: on the first sheet with
      # room, turned so that its far edge, or a line nearer its middle, comes nearest
      # the sheet's top.
      class Decoder
        MOST_SHEETS = 200
        # of a large job, the maps of a few copies are many megabytes, which Ruby on its own lets pile up
        LARGE = 400
        TIDY_AFTER = 16

        # @param room [CellRules]  @param leftovers [Array<Blank>]  @param fresh [Blank, nil]
        def initialize(room, leftovers:, fresh:)
          @room, @fresh = room, fresh
          @leftovers = leftovers.sort_by(&:free_area)
          @cells, @boards = {}, {}
        end

        # @param order [Array<Array(Part, Integer)>] parts and copies
        # @param lean [Float] which line of a part: 0 its near edge, 1 its far one
        # @param limit [Array(Integer, Float), nil] a layout's cost: as soon as more is used, it is given up
        # @return [Layout, nil]
        def call(order, lean: 1.0, limit: nil)
          @lean = lean
          @open = @leftovers.map { |blank| start(blank) }
          @dead, @rows = {}, Hash.new(0)
          unplaced = []
          given_up = order.each_with_index.find do |(part, copy), i|
            GC.start(full_mark: false) if order.size > LARGE && (i + 1) % TIDY_AFTER == 0
            unplaced << [part, copy] unless laid?(part, copy)
            limit && ([unplaced.size, used] <=> limit) == 1
          end
          unless given_up
            Layout.new(
              @open.map { |blank, board, placements| Layout::Sheet.new(blank, placements, reach(board)) },
              unplaced
            )
          end
        end

        # @return [Array<Cells>] one for each turn
        def variants(part) = @cells[part] ||= @room.variants(part)

        private

        def start(blank) = [blank, (@boards[blank] ||= blank.board(@room)).dup, []]

        def laid?(part, copy) = lay(part, copy) || (open_fresh(part) && lay(part, copy))

        # mm² of fresh sheets, as a layout counts them
        def used
          whole = @open.size - @leftovers.size
          whole.zero? ? 0 : (whole - 1) * @fresh.area + reach(@open.last[1]) * @fresh.width_mm
        end

        def open_fresh(part)
          unless @fresh && @open.size < MOST_SHEETS && variants(part).any? { |cells|
            cells.width <= @room.columns(@fresh.width_mm) && cells.height <= @room.rows(@fresh.height_mm)
          }
            return
          end
          @open << start(@fresh)
        end

        def reach(board) = @room.top + board.reach * @room.cell - @room.gap / 2

        def lay(part, copy)
          @open.each_with_index do |(_, board, placements), k|
            next if @dead[[part, k]]
            cells, x, y = best(part, board, k)
            next @dead[[part, k]] = true unless cells
            board.take(cells, x, y)
            place = @room.place(cells, x, y)
            placements << Layout::Placement.new(part, copy, *place, cells.turn)
            return true
          end
          false
        end

        # the turns in the order of what the coarse map promises
        def best(part, board, k)
          hopeful = variants(part)
            .filter_map { |cells|
              board.hopes(cells)&.then do |row, hopes|
                [[row, @rows[[cells, k]]].max + cells.height * @lean, cells, hopes]
              end
            }
            .sort_by(&:first)
          best = nil
          hopeful.each do |bound, cells, hopes|
            break if best && bound > best[2] + best[0].height * @lean
            x, y = board.find(cells, hopes, from: @rows[[cells, k]])
            next unless y
            @rows[[cells, k]] = y
            if best.nil? || ([y + cells.height * @lean, x] <=> [best[2] + best[0].height * @lean, best[1]]) == -1
              best = [cells, x, y]
            end
          end
          best
        end
      end
    end
  end
end
