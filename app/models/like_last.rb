# frozen_string_literal: true

# What worked on the same kind of piece before, whole: method, printer, stock, schools, finish. A mark that is begun is
# offered the surest of it.
class LikeLast
  # fewer tries are no experience
  LEAST = 2
  COLUMNS = %i[method_key printer stock schools own_school_id sealer coats].freeze

  # One whole way of doing it, and how it went: the last time, its sheet, its numbers. Frozen.
  Way = UpClose::Value.define(*COLUMNS, :good, :tried, :last_at, :sheet, keyword_init: true) do
    def method_core = UpClose::Methods.fetch(method_key)

    # @return [UpClose::Record::PooledChance]
    def chance
      stock_core = stock && UpClose::Sheets::Stock.fetch(stock)
      UpClose::Record::PooledChance.new(method_core.chance_with(stock_core), own: [good, tried])
    end

    # "Gel medium, laser, quick peel, peel; spray acrylic clear, 3 coats"
    def words
      schools_words = schools.except("own_school").filter_map { |key, option|
        choice = method_core.choices.find { |offered| offered.key.to_s == key }
        choice && choice.options[option.to_sym]&.first
      }
      made = [method_core.title, printer, stock && UpClose::Sheets::Stock.fetch(stock).short, *schools_words]
      [made.compact.join(", "), finish_words].compact.join("; ")
    end

    def finish_words
      known = UpClose::Sealing.fetch(sealer || "none")
      return if known.coats.zero?
      "#{known.title.downcase}, #{coats || known.coats} coats"
    end
  end

  # @param mark [Mark]
  def initialize(mark)
    @mark = mark
  end

  # @return [Way, nil] the surest of what was tried on the same stuff, for the same purpose where that is known
  def way = @way ||= ways.max_by { |tried| [tried.chance.interval.first, tried.last_at] }

  private

  def ways
    rows.group_by { |row| row.first(COLUMNS.size) }.filter_map do |key, tries|
      next if tries.size < LEAST || tries.none? { |row| good?(row) } || !here?(key)
      last = tries.max_by { |row| row[-2] }
      Way.new(
        **COLUMNS.zip(key).to_h, good: tries.count { |row| good?(row) }, tried: tries.size, last_at: last[-2],
        sheet: last[-1]
      )
    end
  end

  def good?(row) = row[COLUMNS.size] != "spoilt"

  # a method, stock and printer that are still there
  def here?((method_key, printer, stock, *))
    UpClose::Methods.all.any? { |method| method.key == method_key && method.printers.include?(printer.to_s.to_sym) } &&
      UpClose::Sheets::Stock.all.any? { |known| known.key == stock }
  end

  def rows
    piece = @mark.piece
    tries = Attempt.own.where(material: piece.material, finish: piece.finish).where.not(method_key: nil)
      .where.not(stock: nil)
    tries = tries.where.not(mark_id: @mark.id).or(tries.where(mark_id: nil))
    tries = tries.where(purpose: [@mark.purpose, nil]) if @mark.purpose
    tries.order(id: :desc).limit(500).pluck(*COLUMNS, :result, :made_at, :sheet)
  end
end
