# frozen_string_literal: true

# What is on record of a mark, a method, or the shop, in counts: no try is loaded that is not shown.
class RecordOf
  # signs over the chart, and photographs in its strip
  MOST_SIGNS = 60
  MOST_PHOTOS = 9

  attr_reader :transfer_method, :mark

  # @param method [Class, nil] a UpClose::Methods::Definition  @param mark [Mark, nil]; neither: the whole shop
  def initialize(method: nil, mark: nil)
    @transfer_method, @mark = method || mark&.method_core, mark
  end

  # @return [ActiveRecord::Relation]
  def attempts
    scope = Attempt.own.where.not(made_at: nil)
    return scope.where(mark_id: mark.id) if mark
    transfer_method ? scope.where(method_key: transfer_method.key) : scope
  end

  # @return [Hash{String => Integer}] by result
  def results
    @results ||= by_day.each_with_object({}) { |(_, result, count), all| all[result] = all.fetch(result, 0) + count }
  end

  def total = results.values.sum

  # @return [Array<Array(Integer, Integer, Integer)>] Julian day, good or usable, tried; oldest first
  def days
    @days ||= by_day.group_by(&:first).map do |day, counts|
      tried = counts.sum(&:last)
      [day, tried - counts.sum { |_, result, count| (result == "spoilt") ? count : 0 }, tried]
    end
  end

  # the newest, oldest first
  # @return [Array<Array(Time, String)>]
  def signs
    @signs ||= attempts.order(made_at: :desc).limit(MOST_SIGNS).pluck(:made_at, :result).reverse
  end

  # @return [Array<Attempt>] those with a photograph, the newest first
  def photos
    @photos ||= attempts.where.not(photo: nil).order(made_at: :desc).limit(MOST_PHOTOS)
      .select(:id, :photo, :result, :faults, :made_at, :cause).to_a.reverse
  end

  # @return [Hash{String => Integer}] cause key → how often it was found
  def causes = @causes ||= attempts.where.not(cause: nil).group(:cause).order(Arel.sql("count(*) DESC")).limit(8).count

  # of tries whose cause nobody found
  # @return [Hash{String => Integer}] fault key → how often
  def faults
    @faults ||= attempts.from("attempts INDEXED BY tries_with_faults").where(cause: nil).where("faults <> '[]'")
      .joins("JOIN json_each(attempts.faults) AS fault")
      .group("fault.value").order(Arel.sql("count(*) DESC")).limit(6).count
  end

  # @return [Hash{String => Array(Integer, Integer)}] stock → good, tried; the most often tried first
  def stocks
    @stocks ||= by_stock.each_with_object(Hash.new([0, 0].freeze)) { |((stock, result), count), all|
      all[stock] = all[stock].zip([(result == "spoilt") ? 0 : count, count]).map(&:sum)
    }.sort_by { |_, (_, tried)| -tried }.to_h
  end

  # by month, for a table
  # @return [Hash{String => Hash{String => Integer}}]
  def months
    names = Hash.new { |known, day| known[day] = Date.jd(day).strftime("%Y-%m") }
    @months ||= by_day.each_with_object({}) do |(day, result, count), all|
      (all[names[day]] ||= Hash.new(0))[result] += count
    end
  end

  # the way that was tried last, whose limits and chance are told
  # @return [Array(String, String, String, String), nil] method, printer, stock, material
  def way
    @way ||= attempts.where.not(stock: nil).order(made_at: :desc).limit(1)
      .pick(:method_key, :printer, :stock, :material)
  end

  private

  def by_stock
    return attempts.where.not(stock: nil).group(:stock, :result).count if mark
    kept.where("day > 0").where.not(stock: "").group(:stock, :result).sum(:count).select { |_, count| count.positive? }
  end

  def kept = transfer_method ? TryCount.own.where(method_key: transfer_method.key) : TryCount.own

  JULIAN_DAY = "CAST(julianday(date(made_at)) + 0.5 AS INTEGER)"
  private_constant :JULIAN_DAY

  # counted once for all that is told of days, months and results
  # @return [Array<Array(Integer, String, Integer)>] Julian day, result, how many; oldest first
  def by_day = @by_day ||= mark ? of_mark_by_day : kept_by_day

  def of_mark_by_day
    attempts.group(Arel.sql("1"), :result).order(Arel.sql("1"))
      .pluck(Arel.sql(JULIAN_DAY), :result, Arel.sql("count(*)"))
  end

  # the shop's, or a method's, as the database counts them
  def kept_by_day
    kept.where("day > 0").group(:day, :result).order(:day).sum(:count).map { |(day, result), count|
      [day, result, count]
    }.select { |_, _, count| count.positive? }
  end
end
