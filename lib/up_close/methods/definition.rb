# frozen_string_literal: true

module UpClose
  module Methods
    # The small language a method is written in. Each declaration, called with a
    # value, sets it; called without, gives it.
    class Definition
      class << self
        include DefinitionSchools

        extend Declarations

        # key, title: names. summary: one sentence. printers: Array<Symbol>.
        # stocks: Array<String>, keys of Sheets::Stock. undo: what undoes a miss.
        # chance: that a careful first attempt comes out, a starting value.
        # heat_c: the hottest it gets. fumes: :none, :low or :strong. wear: in words.
        # listed: its place in lists, the lower the sooner.
        # traced_mm_a_minute: how fast a hand follows its lines.
        declares :key, :listed, :title, :summary, :undo, :heat_c, :chance, :wear, :traced_mm_a_minute

        # Whether it can be nudged once it lies.
        # @param kind [Symbol] :no, :briefly (while it is wet) or :yes  @param words [String, nil] how, or why not
        # @return [String] in words
        def movable(kind = nil, words = nil)
          return [MOVABLE[@movable], @movable_words].compact.join(": ") if kind.nil?
          @movable, @movable_words = kind, words
        end

        MOVABLE = {no: "no", briefly: nil, yes: "yes"}.freeze

        # it can be nudged or done again without loss
        def movable? = @movable != :no

        # How large a mark it is easily done at in one go, a starting value.
        # @param along [Numeric, nil] mm, its longer side
        # @param across [Numeric, nil] mm, its shorter one
        # @param why [String]
        # @return [Hash, nil]
        def largest(along: nil, across: nil, why: nil)
          why ? @largest = {along: along, across: across, why: why}.freeze : @largest
        end

        # What the eye decides by, as three pictures.
        # @param steps [Array<Symbol>] their keys  @param three [Hash] as Sights takes them
        # @return [Sights, nil]
        def sights(*steps, **three) = steps.empty? ? @sights : @sights = Sights.new(steps, **three)

        # how it shows on a dark ground, in words
        def on_dark(*value) = value.empty? ? @on_dark || "no" : @on_dark = value.first

        # @param value [Symbol] :none, :low, :strong
        def fumes(*value) = value.empty? ? @fumes || :none : @fumes = value.first

        # What a miss costs: :piece, the piece is sanded back or lost; :again, it is wiped or slid
        # off and tried with another print; :rubbed_out, it is drawn again by the same print.
        def on_a_miss(*value) = value.empty? ? @on_a_miss : @on_a_miss = value.first

        # the finish that is usual over it, a key of Sealing
        def seals_with(*value) = value.empty? ? @seals_with : @seals_with = value.first

        # How long what is spread stays wet enough to lay a print into.
        # @yieldparam setting [MethodChoice]  @yieldreturn [Numeric] seconds
        def open_time(&block) = @open_time = block

        # @return [Numeric, nil] seconds
        def open_s(setting) = @open_time&.call(setting)

        # What marks it is done for.
        # @param purpose [Symbol, nil] a key of Purposes  @param order [Hash{Symbol => Integer}] family of
        #   Materials::Material → its place among the methods that serve it; the lower the sooner
        # @return [Hash{Symbol => Hash}] by purpose, the usual one first
        def serves(purpose = nil, **order)
          return @serves || {} if purpose.nil?
          @serves = serves.merge(purpose => order.freeze)
        end

        # its place among the methods for a purpose on a material
        LAST_PLACE = 9

        # @param purpose [String]  @param family [Symbol, nil]
        # @return [Integer]
        def place_for(purpose, family) = serves.fetch(purpose.to_sym, {}).fetch(family, LAST_PLACE)

        # how deep a dip in the ground it still fills or bends into, µm; nil where that does not matter
        def bridges_um(*value) = value.empty? ? @bridges_um : @bridges_um = value.first

        # the grit its own steps sand the ground to, where that can be sanded
        def sands_to(*value) = value.empty? ? @sands_to : @sands_to = value.first

        # what is laid is wet, and has to take
        def laid_wet = @laid_wet = true

        def laid_wet? = @laid_wet == true

        # what a print is laid into, in a word; a block where the schools decide
        # @yieldparam picked [Hash{Symbol => Symbol}]
        def medium(word = nil, &block) = @medium = block || ->(_) { word }

        # @param picked [Hash{Symbol => Symbol}] schools  @return [String, nil] nil where it is laid into nothing
        def medium_in(picked) = @medium&.call(picked)

        # What it wants of the ground beyond a family of materials: :porous, to sink into; :gloss, to lie down on;
        # :tooth, to hold on to.
        def wants_ground(kind = nil) = kind ? @wants_ground = kind : @wants_ground

        # a miss costs nothing but time
        def low_risk = @low_risk = true

        def low_risk? = @low_risk == true

        # the solvent it always uses
        def solvent(*value) = value.empty? ? @solvent : @solvent = value.first

        # or only by one of its schools
        def solvent_when(&block) = @solvent_when = block

        # @param setting [MethodChoice, nil]
        # @return [String, nil]
        def solvent_in(setting) = solvent || (setting && @solvent_when&.call(setting))

        # starting chances that turn on the stock
        # @param chances [Hash{String => Float}] by stock key
        def chance_on(chances) = @chances = chances.freeze

        # @param stock [Sheets::Stock, nil]
        def chance_with(stock) = @chances&.fetch(stock&.key, nil) || chance

        # What grounds it takes.
        # @param families [Array<Symbol>] of Materials::Material
        # @param bare [Symbol, nil] verdict on a coat over the ground
        # @param coated [Boolean] it wants nothing of the ground but to be clean  @param why [String]
        def works_on(*families, bare: nil, coated: false, why: "")
          @ground = {families: families, bare: bare, coated: coated, why: why}.freeze
        end

        # @return [Hash, nil]
        attr_reader :ground

        # what any of its schools uses up for one copy
        # @return [Array<Supply>] the most of each, for a mark of the usual size; starting values
        def supplies
          @supplies ||= schools.flat_map { |setting| Methods.taken(setting.steps) }
            .group_by { |supply| [supply.title, supply.kind] }.values.map { |all| all.max_by(&:amount) }
        end

        # @param kinds [Array<Symbol>] :laser, :inkjet
        def printers(*kinds) = kinds.empty? ? @printers : @printers = kinds.freeze

        # @param keys [Array<String>] of Sheets::Stock  @return [Array<Sheets::Stock>]
        def stocks(*keys) = keys.empty? ? @stocks&.map { |k| Sheets::Stock.fetch(k) } : @stocks = keys.freeze

        # called once, before anyone sees it
        # @raise [Errors::BadDefinition]
        def check! = DefinitionCheck.call(self)

        # what lies on the piece afterwards: :film, :toner, :dye_ink
        def residue(*value) = value.empty? ? @residue : @residue = value.first

        # printed colours end on the piece: a line that is drawn, and what is etched, has none of them
        def inked? = !%i[line resist].include?(residue)

        # what it carries by printer, as far as it differs from Limits::USUAL (starting values)
        # @overload holds(printer) @return [Hash{Symbol => Numeric, Boolean}]
        # @overload holds(laser: {}, inkjet: {})
        def holds(printer = nil, **limits)
          return @holds = limits.freeze if printer.nil?
          @holds&.fetch(printer, nil) || {}
        end

        # @return [Hash{Symbol => Hash}] by printer
        def holds_all = @holds || {}

        # the script of the work, run on a Script for one Setting
        def work(&block) = block ? @work = block : @work

        # @param setting [MethodChoice]
        # @return [Array<Step>]
        def steps(setting) = Script.new(setting).tap { |script| script.instance_exec(setting, &work) }.steps

        # @return [Boolean] whether it says how much paper is left round the ink
        def border? = !@border.nil?

        # paper left round the ink, mm
        def border_mm(setting) = @border.respond_to?(:call) ? @border.call(setting) : @border

        # @param value [Numeric, nil] mm  @yieldparam setting [MethodChoice]  @yieldreturn [Numeric] mm
        def border(value = nil, &block) = @border = block || value
      end
    end
  end
end
