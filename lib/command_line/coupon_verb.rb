# frozen_string_literal: true

require "json"
require "command_line/options"
require "shelves/font_shelf"
require "shelves/print_files"

module CommandLine
  # up-close coupon: a printed test of what a way of doing it holds, or of a grid of settings.
  class CouponVerb
    USAGE = "up-close coupon --printer laser|inkjet --method KEY --out coupon.pdf [--kind limits|small|grid] " \
      "[--stock KEY] [--across heat=150,170,190] [--down time=90,120,150] [--paper a4]"
    NAMES = %w[printer method out kind stock across down paper].freeze

    def initialize(arguments)
      @options, extra = Options.read(
        arguments, usage: USAGE, names: NAMES, defaults: {kind: "limits", paper: "a4", printer: "laser"}
      )
      raise WrongUse, "No file is read here: #{USAGE}." if extra.any?
      missing = %i[method out].reject { |key| @options[key] }
      raise WrongUse, "#{missing.map { |key| "--#{key}" }.join(" and ")} missing: #{USAGE}." if missing.any?
      raise WrongUse, "--printer is laser or inkjet." unless %w[laser inkjet].include?(@options[:printer])
      raise WrongUse, "--out ends in .pdf, .svg or .png." unless Shelves::PrintFiles::KINDS.key?(kind)
    end

    # @return [String] JSON
    def call
      Workers.drawing("drawing")
      @options[:output].write(@options[:out], Shelves::PrintFiles.bytes(pack, kind, title: title, sheet: 1, dpi: 600))
      JSON.pretty_generate(
        file: @options[:out], kind: @options[:kind], width_mm: coupon.width_mm, height_mm: coupon.height_mm,
        mirrored: reading.mirrored?, reason: reading.finding.reason, plan: plan&.to_h,
        ladders: coupon.elements.group_by(&:ladder)
          .transform_values { |all| all.map { |element| element.tone || element.size_mm } }
      )
    end

    private

    def kind = File.extname(@options[:out]).delete_prefix(".").downcase

    def title = "Coupon: #{transfer_method.title}, #{setting.stock.short}"

    def transfer_method = @transfer_method ||= UpClose::Methods.fetch(@options[:method])

    def setting
      stock = @options[:stock] && UpClose::Sheets::Stock.fetch(@options[:stock])
      @setting ||= UpClose::Methods::MethodChoice.new(
        method: transfer_method, printer: @options[:printer], stock: stock
      )
    end

    def reading = @reading ||= UpClose::Methods::Orientation.new(transfer_method)

    def coupon
      @coupon ||= UpClose::Coupons.build(
        @options[:kind], face: Shelves::FontShelf.fetch("atkinson-hyperlegible"), title: title, grid: plan
      )
    end

    # @return [UpClose::Coupons::Grid::Plan, nil]
    def plan
      return unless @options[:kind] == "grid"
      raise WrongUse, "A grid wants --across: #{USAGE}." unless @options[:across]
      @plan ||= UpClose::Coupons::Grid::Plan.new(axis(:across), @options[:down] && axis(:down))
    end

    def axis(name)
      key, values = @options[name].split("=", 2)
      numbers = values.to_s.split(",").map { |text| Float(text, exception: false) }
      UpClose::Coupons::Setting.find(key)&.axis(numbers) || raise(
        WrongUse, "--#{name} is one of #{UpClose::Coupons::Setting.all.map(&:key).join(", ")} and two to four " \
          "growing values, as heat=150,170,190."
      )
    end

    def pack
      drawing = coupon.drawing
      UpClose::Printing::Pack.new(
        artwork: drawing, ink: drawing.ink, width_mm: drawing.ink.box.width, mirrored: reading.mirrored?, copies: 1,
        paper: UpClose::Printing::Paper.fetch(@options[:paper]), border_mm: setting.border_mm,
        heading: UpClose::Printing::Heading.new(title: title, stock: setting.stock)
      )
    end
  end
end
