# frozen_string_literal: true

module Forms
  # How a board is made: what is done to its copper, how many lie on one plate.
  class BoardForm < Base
    LENGTHS = %i[dot_mm widen_mm clearance_mm web_mm frame_mm].freeze

    # what a board's page shows of how it is made
    # @param writer [UpClose::Measure::LengthWriter]
    # @return [Hash{String => String}] by their words
    def self.shown(board, writer)
      layout = board.layout_core
      figures = UpClose::Boards::Layout::RANGES.to_h do |name, (_, title)|
        value = layout.public_send(name)
        [title, LENGTHS.include?(name) ? writer.field(value) : value]
      end
      {
        "name" => board.name, "method" => UpClose::Methods.fetch(board.method_key).title,
        "copper" => writer.field(board.depth_mm), **figures, "empty areas" => layout.fill ? "filled" : "bare",
        "register marks" => layout.pins ? "yes" : "no",
        "files" => board.files_in_database.map { |file| file.values_at("name", "kind", "side").join(" ") }.join(", ")
      }
    end

    private

    def read
      words(:name, required: "Give the board a name.", most: 120)
      choice(:method_key, Board::METHODS)
      length(:depth_mm, range_mm: UpClose::Etching::DEPTHS_MM)
      values[:layout] = layout
    end

    def layout
      lengths = LENGTHS.to_h { |name| [name, given_length(name)] }
      counts = %i[columns rows].to_h { |name| [name, given_count(name)] }
      return if errors.any?
      attempt(:layout) do
        UpClose::Boards::Layout.new(**lengths, **counts, fill: typed(:fill) == "1", pins: typed(:pins) == "1").to_h
      end
    rescue UpClose::Error => error
      refuse(error, :dot_mm)
      nil
    end

    def given_length(name)
      range, = UpClose::Boards::Layout::RANGES.fetch(name)
      length(name, range_mm: range)
      values.delete(name)
    end

    def given_count(name)
      range, title = UpClose::Boards::Layout::RANGES.fetch(name)
      count(name, range, title.capitalize)
      values.delete(name)
    end

    # said at the field it belongs to
    def attempt(name)
      yield.tap { |value| values[name] = value }
    rescue UpClose::Error => error
      refuse(error, name)
      nil
    end
  end
end
