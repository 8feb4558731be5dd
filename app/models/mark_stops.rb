# frozen_string_literal: true

# What says stop to a mark: its artwork as last looked at, and the rules of its method. Going
# on past them takes one reason, which is kept with the mark.
class MarkStops
  # One stop, and the stage where it is put right. Frozen.
  Stop = Struct.new(:stage, :key, :title, :figure, :reason, :remedy) do
    def name = "#{stage}.#{key}"

    # what is wrong and what to do, on one line
    def words = ["#{title}#{": #{figure}" if figure}.", reason, remedy].compact.join(" ")
  end

  # rules of a method that say what a check of the artwork says: told once
  TWINS = {"fine_lines" => "thinnest_line", "look" => "look"}.freeze

  # of a reason for going on
  MOST_LETTERS = 400

  # @param mark [Mark]
  def initialize(mark)
    @mark = mark
  end

  # @return [Array<Stop>]
  def all = @all ||= (of_artwork + of_method.reject { |stop| twin?(stop) } + of_layers).each(&:freeze)

  # those that no reason was given for
  def open = all.reject { |stop| passed.include?(stop.name) }

  def any? = all.any?

  # why its artwork could not be checked: what is printed then was looked at by nobody
  # @return [String, nil]
  def unseen = @mark.looked&.fetch("unseen", nil)

  # @return [String, nil] why the maker goes on
  def reason = @mark.override["reason"]

  # @return [Hash] as the mark keeps it
  def passed_for(reason, now) = {"reason" => reason, "stops" => all.map(&:name), "at" => now.to_f}

  private

  def passed = @mark.override["stops"] || []

  def twin?(stop) = of_artwork.any? { |other| other.key == TWINS[stop.key] }

  def of_artwork
    (@mark.looked&.fetch("stops", nil) || []).map do |kept|
      Stop.new("artwork", *kept.values_at("key", "title", "figure", "reason", "remedy"))
    end
  end

  # among several marks on one piece: inks that are wet together
  def of_layers
    return [] if @mark.width_mm.nil? || @mark.run || @mark.neighbours.empty?
    layers = PieceLayers.new(@mark.piece, among: [@mark, *@mark.neighbours]).core
    mine = layers.findings.zip(layers.overs).select { |finding, over| finding.stop? && over.of?(@mark.id) }
    mine.map { |f, _| Stop.new("place", "over", f.title, f.figure, f.reason, f.remedy) }
  end

  def of_method
    return [] unless @mark.method_key
    UpClose::Suitability.findings(@mark.situation).select(&:stop?).map do |f|
      Stop.new("method", f.key.to_s, f.title, f.figure, f.reason, f.remedy)
    end
  end
end
