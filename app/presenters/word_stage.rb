# frozen_string_literal: true

module Presenters
  # Letters over a word in a photo: the picture, the letters' outline on it, and what is left between both.
  class WordStage
    WIDTH = 728
    FIELDS = {
      cap_mm: ["capitals", 2], turn_deg: ["turn °", 2], slant_deg: ["slant °", 2], stretch: ["stretch", 3],
      spacing: ["spacing", 3], bend: ["bend", 4]
    }.freeze

    attr_reader :pose, :fit

    # @param word [PhotoWord]  @param outline [UpClose::Artwork::WordOutline, nil]
    # @param pose [UpClose::Artwork::WordPose, nil]  @param fit [UpClose::Artwork::WordFit::Found, nil]
    def initialize(word, writer:, outline: nil, pose: nil, fit: nil)
      @word, @writer, @outline, @fit = word, writer, outline, fit
      @pose = fit&.pose || pose || (outline && word.beginning(outline))
    end

    def height = (WIDTH * box.height / box.width).round

    def scale = WIDTH / box.width

    def origin = [box.x, box.y]

    def href = @word.href

    # @return [String] the letters' outline on the picture
    def path
      return "" unless @outline
      map = UpClose::Geometry::Transform.move(-box.x, -box.y).then(UpClose::Geometry::Transform.scale(scale))
      UpClose::Formats::SVG::PathWriter.call(@outline.path(pose).transform(map), places: 1)
    end

    # where they are taken hold of: base line left and right, and the top of the first capital; pixels
    # @return [Array<Array(String, Float, Float)>]
    def handles
      return [] unless @outline
      pose.handles(@outline.width(pose.spacing)).map do |name, handle|
        [name, ((handle.x - box.x) * scale).round(1), ((handle.y - box.y) * scale).round(1)]
      end
    end

    # how it lies, for the page that moves it
    # @return [Hash]
    def told
      return {} unless @outline
      {pose: pose.to_h, path: path, handles: handles}
    end

    def fields = FIELDS.map { |name, (words, places)| [name, words, figure(pose.public_send(name), places)] }

    # how wide the word is from end to end
    # @return [Float] mm
    def width_mm = @outline.points(pose).map(&:x).minmax.then { |from, to| to - from }

    # @return [Array<UpClose::Finding>]
    def findings = [left_over, size].compact

    private

    def box = @word.box

    def figure(value, places) = UpClose::Working.number(value, places).sub("−", "-")

    def covers? = fit.left_mm <= 0.2 && fit.over?

    def left_over
      return unless fit
      UpClose::Finding.new(
        key: :left_over, title: "Difference between letters and photo", verdict: covers? ? :fine : :watch,
        figure: "#{UpClose::Working.number(fit.left_mm)} mm", value: fit.left_mm, unit: "mm", limit: 0.2,
        working: UpClose::Working.new(
          "root mean square over all outlines; 95 % keep within #{UpClose::Working.number(fit.most_mm)} mm; " \
          "#{UpClose::Working.number(fit.shared * 100, 0)} % of what either covers is covered by both",
          source: "0.2 mm is a starting value"
        ),
        reason: covers? ? "The outlines cover the word." :
          "Another font is closer, or the letters lie over something else.",
        remedy: covers? ? nil : "Move it closer by hand and fit it again, or try another font."
      )
    end

    def unsure(off)
      left, wide = [fit&.left_mm.to_f, width_mm].map { |mm| UpClose::Working.number(mm) }
      UpClose::Working.new("√(#{left}² + (#{wide} × #{@word.unsure})²) = #{UpClose::Working.number(off)} mm")
    end

    def size
      return unless @outline
      off = Math.hypot(fit&.left_mm.to_f, width_mm * @word.unsure)
      UpClose::Finding.note(
        :word_size, "From end to end", figure: "#{@writer.with_unit(width_mm)} ± #{@writer.figure(off)}",
        value: width_mm, unit: "mm", working: unsure(off),
        reason: @word.straight? ? "The four corners correct tilt and distance." :
          "By one length only. A camera tilted by 10° makes an error of 1.5 %."
      )
    end
  end
end
