# frozen_string_literal: true

module UpClose
  module Methods
    # What a method is carried out with. It never changes, and remembers the steps that come of it.
    class MethodChoice
      attr_reader :transfer_method,
        :printer, :stock, :picked, :material, :finish, :copies, :pieces, :tray, :coats, :size, :coat_mm2,
        :purpose, :afterwards, :work_s, :work_finish, :work_bath

      # @param method [Class] a Definition  @param printer [Symbol] :laser or :inkjet
      # @param stock [Sheets::Stock, nil] default: the first the method knows for this printer
      # @param picked [Hash{Symbol => Symbol}] choice key → option key
      # @param material [Materials::Material, nil]  @param finish [Materials::Finish, nil]
      # @param copies [Integer] prints that are made
      # @param pieces [Integer, nil] good ones wanted; as many, unless said
      # @param size [MarkSize] of the mark  @param coat_mm2 [Float, nil] what a finish covers of one piece
      # @param own [Array<Hash>, nil] steps of a school of the maker's own, as OwnSteps has them
      # @param tray [Integer, nil] copies the maker's own oven takes at once, instead of the usual
      # @param coats [Integer, nil] of the sealer, when not as many as it usually wants
      # @param border_mm [Float] the maker's own figure instead of the school's
      # @param purpose [Class, nil] a Purposes::Purpose: what the mark is for
      # @param afterwards [Class, nil] an Afterwards::Work, done once the mark is on the piece
      # @param work_s [Numeric, nil] the maker's own time for its main wait, such as the etch
      # @param work_finish [Class, nil] what is done to an etched plate, of EtchFinishes
      # @param work_bath [#cautions, nil] what etches it: Etching::Bath or Etching::Current; nil: what suits its metal
      def initialize(method:, printer:, stock: nil, picked: {}, material: nil, finish: nil, copies: 1, pieces: nil,
        size: MarkSize::USUAL, coat_mm2: nil, border_mm: nil, own: nil, tray: nil, coats: nil, purpose: nil,
        afterwards: nil, work_s: nil, work_finish: nil, work_bath: nil)
        @transfer_method, @printer = method, printer.to_sym
        @stock = stock || method.stocks.find { |s| s.printers.include?(@printer) } || method.stocks.first
        @picked = method.choices.to_h { |c| [c.key, (picked[c.key] || c.pick).to_sym] }.freeze
        @material, @finish, @copies, @pieces, @size = material, finish, copies, pieces || copies, size
        @border_mm, @own, @tray, @coats = border_mm, own, tray, coats
        @purpose, @afterwards, @work_s = purpose, afterwards, work_s
        @work_finish, @work_bath = work_finish, work_bath
        @coat_mm2 = coat_mm2 || size.trim_mm2(self.border_mm)
        @worked_out = {}
        freeze
      end

      # the same with some of it changed
      def with(**changes)
        now = {
          method: transfer_method, printer: printer, stock: stock, picked: picked, material: material, finish: finish,
          copies: copies, pieces: pieces, size: size, coat_mm2: coat_mm2, border_mm: @border_mm, own: @own, tray: tray,
          coats: coats, purpose: purpose, afterwards: afterwards, work_s: work_s,
          work_finish: work_finish, work_bath: work_bath
        }
        changes = {pieces: changes[:copies]}.merge(changes) if changes.key?(:copies)
        MethodChoice.new(**now, **changes)
      end

      def inkjet? = printer == :inkjet

      def laser? = printer == :laser

      def metal? = material&.family == :metal

      # what lies on the piece when its finish goes on
      # @return [Symbol] a key of RESIDUES
      def left = purpose ? purpose.left(transfer_method.residue) : transfer_method.residue

      def border_mm = @border_mm || school_border_mm

      def school_border_mm = transfer_method.border_mm(self)

      # worked out once
      # @return [Array<Step>]
      def steps = @worked_out[:steps] ||= own_steps || transfer_method.steps(self)

      def own_steps = @own && OwnSteps.call(@own, copies, pieces: pieces, tray: tray)
    end
  end
end
