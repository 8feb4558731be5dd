# frozen_string_literal: true

module Presenters
  # What puts a mark's first open stop right, as one press: the next action of any stage while something says stop.
  class Remedies
    # @!attribute words [String] on the button
    # @!attribute path [String] where it leads, or where +fields+ are sent to
    # @!attribute fields [Hash, nil] what is posted; nil for a link
    Remedy = UpClose::Value.define(:words, :path, :fields)

    # checks of the artwork, by what helps: a step of preparing, or a size
    PREPARE = {
      "thinnest_line" => ["thicken", "Thicken the lines"], "letters" => ["thicken", "Thicken the letters"],
      "ground" => ["clear-ground", "Clear the ground"], "tones" => ["dot-screen", "Make its greys dots"]
    }.freeze
    ENLARGE = %w[thinnest_gap thinnest_line letters].freeze
    # a mark that can grow by less gains nothing
    WORTH = 1.05

    # @param mark [Mark]
    # @param compared [UpClose::Comparison, nil] every method for it, where a page has it already
    def initialize(mark, compared: nil)
      @mark, @compared = mark, compared
    end

    # @return [Remedy, nil] nil while nothing says stop, or the maker goes on all the same
    def first = @first ||= @mark.stops.open.first&.then { |stop| public_send("of_#{stop.stage}", stop) }

    def of_artwork(stop)
      step, words = PREPARE[stop.key]
      return Remedy.new(words, "#{base}/prepare", {"step" => step}) if step && !done?(step)
      return Remedy.new("Make it larger", "#{base}/place/largest", {"where" => "here"}) if larger?(stop)
      return Remedy.new("Make it half as large", "#{base}/place", {"width" => halved}) if stop.key == "resolution"
      of_method(stop)
    end

    # the method that is suggested in its place; without one, what the mark is for is asked again
    def of_method(_stop)
      pick = compared.pick or return Remedy.new("Change what it is for", "#{base}/purpose", nil)
      setting = pick.setting
      return Remedy.new("Compare all methods", "#{base}/compare", nil) if pick.transfer_method.key == @mark.method_key
      Remedy.new("Use #{pick.transfer_method.title.downcase} instead", "#{base}/method",
        {
          "method_key" => pick.transfer_method.key, "printer" => setting.printer.to_s, "stock" => setting.stock.key.to_s
        })
    end

    # marks that lie over each other while wet
    def of_place(_stop)
      Remedy.new("Move the marks apart", "/pieces/#{@mark.piece_id}/compose?active=#{@mark.id}", nil)
    end

    private

    def base = "/marks/#{@mark.id}"

    def done?(step) = @mark.recipe.any? { |kept| kept["key"] == step && kept["on"] != false }

    def larger?(stop) = ENLARGE.include?(stop.key) && @mark.room.largest_here > @mark.width_mm * WORTH

    # twice as many dots an inch
    def halved = "#{UpClose::Working.number(@mark.width_mm / 2, 3)} mm"

    def compared = @compared ||= Compared.new(@mark).to_core
  end
end
