# frozen_string_literal: true

module Presenters
  # What this shop knows of its limits, by way of doing it: what is measured, what is a starting value, and which coupon
  # would teach most for the marks that wait.
  class LimitsPage
    # less than this is not worth a sheet
    LEAST_BITS = 0.05

    # One way: its limits, and how it is called. Frozen.
    Section = UpClose::Value.define(:way, :title, :limits, :windows, keyword_init: true)

    # @param now [Time]
    def initialize(now:)
      @now = now
    end

    def book = @book ||= ShopLimits.book(now: @now)

    # ways that this shop uses, has tried, or made a coupon of; those with coupons first
    # @return [Array<Section>]
    def sections
      ways.map { |way| section(way) }
        .sort_by { |shown| [shown.limits.values.count(&:measured?).zero? ? 1 : 0, shown.title] }
    end

    # @return [Array<UpClose::Record::CouponGain::Gain>] those that would tell something
    def gains
      @gains ||= UpClose::Record::CouponGain.new(book, planned).call.select { |gain| gain.bits >= LEAST_BITS }
    end

    # @return [Array<Class>]
    def methods = UpClose::Methods.all

    # @return [Array<UpClose::Coupons::Setting>] that a grid can vary
    def settings = UpClose::Coupons::Setting.all

    # @return [Array<UpClose::Sheets::Stock>] those that are printed on
    def stocks = UpClose::Sheets::Stock.printed

    # @return [Array<Coupon>]
    def coupons = @coupons ||= Coupon.preload(:mark).order(id: :desc).limit(30).to_a

    # @return [String] "Gel medium: laser, quick-peel paper, on wood"
    def self.title_of(way)
      method = UpClose::Methods.all.find { |known| known.key == way.method_key }
      stock = way.stock && UpClose::Sheets::Stock.fetch(way.stock).short
      [[method&.title || way.method_key, [way.printer, stock].compact.join(", ")].join(": "),
        ("on #{way.family}" if way.family)].compact.join(", ")
    end

    private

    def section(way)
      method = UpClose::Methods.fetch(way.method_key)
      Section.new(
        way: way, title: LimitsPage.title_of(way), limits: book.known(method, way),
        windows: ShopLimits::LEARNED.filter_map { |step| book.window(way.method_key, step) }
      )
    end

    def ways
      (coupons.select(&:read_at).map(&:way) | planned.map(&:way) | tried).first(24)
    end

    # ways that were tried, the most often first
    def tried
      Attempt.own.where.not(method_key: nil).where.not(stock: nil).group(:method_key, :printer, :stock, :material)
        .order(Arel.sql("count(*) DESC")).limit(12).count.keys.map do |key, printer, stock, material|
          UpClose::Record::Way.new(
            method_key: key, printer: printer.to_sym, stock: stock,
            family: material && UpClose::Materials.material(material).family
          )
        end
    end

    # marks with a method that are not begun
    def planned
      @planned ||= Mark.live.where.not(method_key: nil).where.not(artwork_id: nil).where.not(width_mm: nil)
        .where.missing(:runs).preload(:artwork, piece: :job).reject { |mark| mark.job.archived_at || coupon?(mark) }
        .map { |mark| plan(mark) }
    end

    def coupon?(mark) = mark.job.title == Actions::MakeCoupon::JOB

    def plan(mark)
      UpClose::Record::CouponGain::Planned.new(
        way: UpClose::Record::Way.new(
          method_key: mark.method_key, printer: mark.printer.to_sym, stock: mark.stock,
          family: mark.piece.material_core.family
        ),
        title: mark.title, finest_mm: mark.planned.grown(:finest_mm), gap_mm: mark.planned.grown(:gap_mm),
        pieces: mark.piece.count
      )
    end
  end
end
