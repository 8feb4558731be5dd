# frozen_string_literal: true

module UpClose
  module Templates
    # A template as a maker asks for it: cut of a stuff, whole or by one of its parts, and what is drawn of it.
    class Template
      attr_reader :cut, :stuff, :folds

      # @param regions [InkRegions]  @param stuff [SheetStuff]  @param folds [Integer] 1: whole
      # @param more [Hash] what else Cut takes
      def initialize(regions, stuff:, folds: 1, **more)
        @cut = Cut.new(regions, stuff: stuff, **more)
        @stuff, @folds = stuff, folds
      end

      # @return [Folded, nil] nil: the whole of it is cut
      def folded = @folded ||= (folds > 1) ? Folded.new(shape, folds: folds) : nil

      # @return [Geometry::Region] what is left of the sheet
      def sheet = folded ? folded.part : cut.sheet

      # @return [Hash{String => Array<Geometry::Path>}] CUT, SCORE, MARK
      def layers
        return @layers if @layers
        lines = folded ? folded.folds : []
        slots = folded ? [] : cut.slots.select { |slot| slot.on.zero? }
        @layers = DrawnTemplate.layers(sheet, slots: slots, folds: lines, allowance_mm: allowance)
      end

      # the second one, where slots cross
      # @return [Hash{String => Array<Geometry::Path>}, nil]
      def second_layers
        sheet = cut.second or return
        DrawnTemplate.layers(sheet, slots: cut.slots.select { |slot| slot.on == 1 }, allowance_mm: allowance)
      end

      # @return [Array<Finding>]
      def findings = folded ? [folded.finding] : cut.findings

      private

      # a stencil's outside is drawn along by nobody
      def allowance = (cut.kind == "stencil") ? 0.0 : stuff.allowance_mm

      def shape = (cut.kind == "stencil") ? cut.regions.ink : cut.outline
    end
  end
end
