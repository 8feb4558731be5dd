# frozen_string_literal: true

module UpClose
  module Methods
    # The small language a method is written in. Each declaration, called with a
    # value, sets it; called without, gives it.
    class Definition
      class << self
        def self.declares(*names)
          names.each do |name|
            define_method(name) { |*value| value.empty? ? instance_variable_get(:"@#{name}") : instance_variable_set(:"@#{name}", value.first) }
          end
        end

        # key, title: names. summary: one sentence. printers: Array<Symbol>.
        # stocks: Array<String>, keys of Sheets::Stock. undo: what undoes a miss.
        # chance: that a careful first attempt comes out, a starting value.
        declares :key, :title, :summary, :undo, :solvent, :heat_c, :chance

        def printers(*kinds) = kinds.empty? ? @printers : @printers = kinds.freeze

        def stocks(*keys) = keys.empty? ? @stocks.map { |k| Sheets::Stock.fetch(k) } : @stocks = keys.freeze

        # what lies on the piece afterwards: :film, :toner, :dye_ink
        def residue(*value) = value.empty? ? @residue : @residue = value.first

        # @return [Array<Passage>] the image's way from paper to eye
        def passages = @passages ||= []

        # @param words [String] what happens to the image
        # @param turned [Boolean] whether that turns it over
        def passage(words, turned: false) = passages << Passage.new(words: words, turned: turned)

        # @return [Array<Choice>] where makers disagree
        def choices = @choices ||= []

        # @param options [Hash{Symbol => Array(String, String)}] key → title and reason; the first is Up Close's pick
        def choice(key, title, options) = choices << Choice.new(key: key, title: title, options: options)

        # what it carries by printer, as far as it differs from Limits::USUAL (starting values)
        # @overload holds(printer) @return [Hash{Symbol => Numeric, Boolean}]
        # @overload holds(laser: {}, inkjet: {})
        def holds(printer = nil, **limits)
          return @holds = limits.freeze if printer.nil?
          @holds&.fetch(printer, nil) || {}
        end

        # the script of the work, run on a Script for one Setting
        def work(&block) = block ? @work = block : @work

        # @param setting [Setting]
        # @return [Array<Step>]
        def steps(setting) = Script.new(setting).tap { |script| script.instance_exec(setting, &work) }.steps

        # paper left round the ink, mm
        def border_mm(setting) = @border.respond_to?(:call) ? @border.call(setting) : @border

        def border(value = nil, &block) = @border = block || value

        # @raise [Errors::Unsuitable] when no such option exists
        def check_choices(picked)
          choices.each do |choice|
            next if picked[choice.key].nil? || choice.options.key?(picked[choice.key].to_sym)
            raise Errors::Unknown.new("#{title} has no school called “#{picked[choice.key]}”.", remedy: "Choose one of: #{choice.options.keys.join(", ")}.", field: choice.key)
          end
        end
      end
    end
  end
end
