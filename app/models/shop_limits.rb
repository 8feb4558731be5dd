# frozen_string_literal: true

# What this shop knows of its own limits and windows: from coupons, and from tries.
class ShopLimits
  # tries that are looked at for a window
  MOST_TRIES = 400
  # of which a model is made
  MOST_MODELLED = 240
  # steps with windows that a try can be late for, besides which nothing is learned
  LEARNED = %w[lay rub press join].freeze

  # @return [UpClose::Record::LimitBook] the same as long as nothing new was read or tried
  def self.book(now: Time.now)
    known(now).book
  end

  # @return [UpClose::Record::Ways] what is on record of every way
  def self.ways(now: Time.now) = known(now).ways

  # What is worked out once. Frozen.
  Known = UpClose::Value.define(:book, :ways)

  def self.known(now) = Held.fetch(:limits) { worked_out(now) }

  def self.worked_out(now)
    KNOWN.fetch(stamp(now)) do
      book = UpClose::Record::LimitBook.new(readings(now), windows: windows, models: Models.new)
      Known.new(book, Attempt.ways)
    end
  end

  KNOWN = Shelves::LruCache.new(most: 4)

  # a day older is as good as new
  def self.stamp(now) = [*ChangeCount.of("attempts", "coupons", "printers"), now.to_date.iso8601].join("-")

  def self.readings(now)
    changed = Printer.where.not(changed_at: nil).pluck(:name, :changed_at).to_h
    Coupon.read.order(:id).flat_map { |coupon| coupon.readings_core(now, changed[coupon.printer_name]) }
  end

  # @return [Array<UpClose::Record::LearnedWindow>] those that are known
  def self.windows
    keys = Attempt.own.where.not(late_part: nil).distinct.pluck(:method_key)
    keys.flat_map { |key| windows_of(key) }.select(&:known?)
  end

  # each made when it is asked for, and kept as long as nothing more was tried
  class Models
    def initialize
      @made = {}
    end

    # @return [UpClose::Record::ChanceModel, nil] nil with too few tries
    def [](method_key)
      @made.fetch(method_key) do
        tries = Attempt.own.where(method_key: method_key)
        enough = tries.limit(UpClose::Record::ChanceModel::LEAST).count >= UpClose::Record::ChanceModel::LEAST
        @made[method_key] = enough ? ShopLimits.model_of(tries) : nil
      end
    end
  end

  # @param attempts [ActiveRecord::Relation]
  # @return [UpClose::Record::ChanceModel] on what they turn
  def self.model_of(attempts)
    rows = attempts.order(made_at: :desc).limit(MOST_MODELLED)
      .pluck(:grit, :temperature_c, :late_part, :width_mm, :result).reverse
    UpClose::Record::ChanceModel.new(
      rows.map { |grit, room, late, width, _|
        {grit: grit, temperature_c: room, late_part: late, size_mm: width}.transform_values { |v| v&.to_f }
      }, rows.map { |row| row.last != "spoilt" }
    )
  end

  def self.windows_of(method_key)
    tries = Attempt.own.where(method_key: method_key).where.not(late_part: nil).order(id: :desc).limit(MOST_TRIES)
      .pluck(:times, :result)
    LEARNED.filter_map do |step|
      told = tries.filter_map { |times, result| told_of(times, step)&.then { |time| [time, result != "spoilt"] } }
      next if told.size < UpClose::Record::LearnedWindow::LEAST
      UpClose::Record::LearnedWindow.new(
        method_key: method_key, step: step, starting_s: told.first.first["latest_s"],
        tries: told.map { |time, good| [time["after_s"], good] }
      )
    end
  end

  # @return [Hash, nil] a step's time, where it has a window
  def self.told_of(times, step)
    times.find { |time| time["step"] == step && time["after_s"] && time["latest_s"] }
  end
  private_class_method :known, :worked_out, :stamp, :readings, :windows, :windows_of, :told_of
end
