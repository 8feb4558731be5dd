# frozen_string_literal: true

# Files as they are when something went wrong on the way: cut off, a line twice or missing, a letter changed, a number
# that is none. The same for a seed everywhere.
class Damaged
  NUMBER = /-?\d+(?:\.\d+)?/
  NONE = ["1e400", "-1e400", "0", "-0", "99999999999", "0.0000000001", "NaN", "1e-320", "-5", ""].freeze
  WAYS = %i[gap stammer number letter line_lost line_again cut_off].freeze

  # @param text [String]  @param seed [Integer]
  def initialize(text, seed)
    @text, @random = text.dup, Random.new(seed)
  end

  # @return [String] damaged in one to three places
  def call
    (1 + @random.rand(3)).times { @text = send(WAYS.sample(random: @random)) }
    @text
  end

  private

  def somewhere = @random.rand([@text.size, 1].max)

  def gap = @text.dup.tap { |text| text[somewhere, @random.rand(1..20)] = "" unless text.empty? }

  def stammer = somewhere.then { |at| @text.dup.insert(at, @text[at, @random.rand(1..30)].to_s) }

  def letter = @text.dup.tap { |text| text[somewhere] = @random.rand(32..126).chr unless text.empty? }

  def cut_off = @text[0, somewhere]

  def number
    which, count = @random.rand([@text.scan(NUMBER).size, 1].max), -1
    @text.gsub(NUMBER) { |found| ((count += 1) == which) ? NONE.sample(random: @random) : found }
  end

  def line_lost = lines { |lines| lines.delete_at(@random.rand(lines.size)) }

  def line_again = lines { |lines| lines.insert(@random.rand(lines.size), lines[@random.rand(lines.size)]) }

  def lines
    lines = @text.lines
    yield lines if lines.any?
    lines.join
  end
end
