# frozen_string_literal: true

module Forms
  # A school of one's own: its name, and its steps with their minutes.
  class OwnSchoolForm < Base
    TIMES = %w[least_s each_s earliest_s latest_s].freeze
    MOST_MIN = 100_000

    # @param method [Class]  @param was [Array<Hash>] the steps it was copied from
    def initialize(typed, method:, was:)
      @method, @was = method, was
      super(typed)
    end

    # @return [Array<Hash>] as typed, for the page
    def rows
      Array(
        @typed["steps"].respond_to?(:sort_by) ? @typed["steps"].sort_by { |number, _| number.to_i }.map(&:last) : []
      )
    end

    private

    def read
      words(:title, required: "Give it a name, such as “two thin coats”.", most: 60)
      values[:method_key] = @method.key
      values[:steps] = rows.each_with_index.filter_map { |row, i|
        step(row, i) if row["keep"] == "1" && !row["title"].to_s.strip.empty?
      }
      UpClose::Methods::OwnSteps.check(values[:steps]) if errors.empty?
    rescue UpClose::Error => error
      refuse(error, :steps)
    end

    # what the page does not show of a copied step stays with it
    def step(row, number)
      was = @was.find { |hash| hash["key"] == row["key"] } || {
        "key" => "own_#{number + 1}",
        "phase" => "apply",
        "kind" => (row["kind"] == "wait") ? "wait" : "hands",
        "cautions" => []
      }
      times = TIMES.to_h { |name| [name, seconds(row[name], row["title"])] }
      times["least_s"] ||= 0
      was.except(*TIMES)
        .merge("title" => row["title"].to_s.strip[0, 120], "words" => row["words"].to_s.strip[0, 600], **times.compact)
    end

    def seconds(text, title)
      text = text.to_s.strip
      return if text.empty?
      minutes = Float(text.tr(",", "."), exception: false)
      return minutes * 60 if minutes&.between?(0, MOST_MIN)
      errors[:steps] ||= "“#{text}” at “#{title}” is no number of minutes."
      nil
    end
  end
end
