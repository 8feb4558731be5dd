# frozen_string_literal: true

module Presenters
  # The piece as it will be seen: before and after, clear and white film, what is hard to read.
  class SeenStage
    WIDTH = 728
    # a ring runs so far outside what it rings
    BEYOND = 8
    FILMS = {"bare" => "as it is", "clear" => "on clear film or bare", "white" => "on white film"}.freeze

    attr_reader :piece

    # @param piece [Piece]  @param seen [PieceSeen]  @param writer [UpClose::Measure::LengthWriter]
    # @param left [String] of FILMS  @param right [String] of FILMS
    def initialize(piece, seen, writer:, left: "bare", right: "clear")
      @piece, @seen, @writer = piece, seen, writer
      @left, @right = [left, right].zip(%w[bare clear]).map { |film, usual| FILMS.key?(film) ? film : usual }
    end

    attr_reader :left, :right

    def marks = @seen.marks

    def photo? = @seen.photo?

    def height = (WIDTH * box.height / box.width).round

    def href(film) = "/pieces/#{@piece.id}/seen/#{film}.png?v=#{@seen.signature}"

    # @return [Array<UpClose::Finding>]
    def findings
      [told[:light], *%i[clear white].filter_map { |film| contrast(film) }].compact
    end

    # rings on a picture, in pixels of the drawing
    # @param film [String] of FILMS
    # @return [Array<Array(Float, Float, Float, Float, String)>] middle, radii and contrast
    def rings(film)
      return [] if film == "bare"
      told[:told][film.to_sym][:rings].map do |x, y, wide, high, ratio|
        middle = [(x + wide / 2 - box.x) * scale, (y + high / 2 - box.y) * scale]
        radii = [wide / 2 * scale + BEYOND, high / 2 * scale + BEYOND]
        [*(middle + radii).map { |value| value.round(1) }, ratio_words(ratio)]
      end
    end

    def words = "#{@piece.name} with its marks: #{FILMS[left]} on the left, #{FILMS[right]} on the right"

    def mm_across = box.width

    # where a click lies on the piece
    def origin = [box.x, box.y]

    def scale = WIDTH / box.width

    private

    def box = @seen.box

    def told = @seen.seen

    def ratio_words(ratio) = "#{UpClose::Working.number(ratio, 1)} : 1"

    def contrast(film)
      seen = told[:told][film]
      ratio = seen[:contrast] or return
      hard = seen[:rings].size
      UpClose::Finding.new(
        key: :"contrast_#{film}", title: "Against its ground, #{FILMS[film.to_s]}",
        verdict: hard.zero? ? :fine : :watch, figure: ratio_words(ratio), value: ratio,
        limit: UpClose::Artwork::PieceLook::HARD,
        working: UpClose::Working.new("(Y₁ + 0.05) ÷ (Y₂ + 0.05), over all that is inked, in linear light",
          source: "under #{UpClose::Artwork::PieceLook::HARD} : 1 is hard to read, a starting value"),
        reason: if hard.zero?
                  "Nothing of it is hard to read."
                else
                  "#{hard} #{(hard == 1) ? "place is" : "places are"} hard to " \
                            "read, ringed on the picture."
                end,
        remedy: if hard.zero?
                  nil
                else
                  ((film == :clear) ? "White film under it, another place, or another colour." :
                            "Another colour, or larger.")
                end
      )
    end
  end
end
