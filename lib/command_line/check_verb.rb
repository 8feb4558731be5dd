# frozen_string_literal: true

require "json"
require "command_line/options"
require "command_line/sized_artwork"
require "command_line/as_json"

module CommandLine
  # up-close check: every check of an artwork at its final size.
  class CheckVerb
    USAGE = "up-close check ARTWORK --width 38mm --method KEY --printer laser|inkjet [--surface #5b3a29] [--film " \
      "clear|white] [--purpose KEY] [--kind lines|flat|photograph|mixed] [--show-through kept|tinted|faint]"
    NAMES = %w[
      width height cap-height text font method printer surface film stock purpose kind show-through
    ].freeze
    FILMS = %w[clear white].freeze

    def initialize(arguments)
      @options, (@file, *extra) = Options.read(arguments, usage: USAGE, names: NAMES)
      raise WrongUse, "One artwork at a time: #{USAGE}." if extra.any?
      @sized = SizedArtwork.new(@file, @options)
      check_use
    end

    # @return [String] JSON
    def call
      findings = UpClose::Artwork::Checks.findings(subject)
      JSON.pretty_generate(
        width_mm: subject.width_mm,
        height_mm: subject.proof.height_mm,
        kind: subject.kind.key,
        verdict: UpClose::Finding.worst(findings),
        findings: findings.map { |f| AsJson.finding(f) },
        notes: @sized.artwork.notes
      )
    end

    private

    def check_use
      @sized.check_use(USAGE, %i[method printer])
      raise WrongUse, "--film is clear or white." unless @options[:film].nil? || FILMS.include?(@options[:film])
    end

    def setting
      @setting ||= UpClose::Methods::MethodChoice.new(
        method: UpClose::Methods.fetch(@options[:method]),
        printer: @options[:printer],
        stock: stock
      )
    end

    # the film asked for decides the stock, where the method has such
    def stock
      return UpClose::Sheets::Stock.fetch(@options[:stock]) if @options[:stock]
      UpClose::Methods.fetch(@options[:method]).stocks.find { |s| s.white? } if @options[:film] == "white"
    end

    def purpose
      return UpClose::Purposes.fetch(@options[:purpose]) if @options[:purpose]
      UpClose::Purposes.usual_for(setting.transfer_method)
    end

    def subject
      @subject ||= UpClose::Artwork::CheckContext.new(
        artwork: @sized.artwork,
        width_mm: @sized.width_mm,
        limits: UpClose::Methods::Limits.for(
          method: setting.transfer_method, printer: setting.printer, purpose: purpose
        ),
        purpose: purpose.key.to_sym,
        printer: setting.printer,
        inked: setting.transfer_method.inked? && purpose.inked?,
        kind: UpClose::Artwork::Kind.read(@options[:kind]),
        show_through: @options[:show_through],
        border_mm: setting.border_mm,
        film: (@options[:film] || (setting.stock.white? ? "white" : "clear")).to_sym,
        surface: @options[:surface] && UpClose::Colour.hex(@options[:surface]),
        lettering: @sized.lettering,
        white_film: setting.transfer_method.stocks.any?(&:white?)
      )
    end
  end
end
