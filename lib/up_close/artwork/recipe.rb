# frozen_string_literal: true

module UpClose
  module Artwork
    # Steps of preparing, in order, each on or off. Frozen.
    class Recipe
      # One step: a module of Preparing, its figures, and whether it is done.
      Step = Struct.new(:work, :figures, :on)
      MOST_STEPS = 12
      FINE_PER_MM = 600 / 25.4
      MOST_PIXELS = 40_000_000

      # what comes out, how many of its units one of the artwork's own has become, and what the steps say of it
      Prepared = Struct.new(:artwork, :ratio, :notes)

      attr_reader :steps

      # @param list [Array<Hash>] {"key", "on", figure => what was typed}
      # @raise [Errors::Unknown, Error]
      def initialize(list)
        if list.size > MOST_STEPS
          raise Error.new("A recipe holds #{MOST_STEPS} steps at most.", remedy: "Remove one first.", field: :recipe)
        end
        @steps = list.map { |hash| step(hash) }.freeze
        freeze
      end

      def active = steps.select(&:on)

      def empty? = active.empty?

      # true when the outcome depends on the size it is printed at
      def sized? = any?(:SIZED)

      # true when what comes out hangs on grain and strokes, which few pixels would not hold
      def draws_fine? = active.any? { |s| s.work.const_defined?(:FINE) || grained?(s.work) }

      # true when the outcome depends on the piece's shape
      def follows_piece? = any?(:FOLLOWS_PIECE)

      # true when the outcome depends on the piece's colour
      def follows_colour? = any?(:FOLLOWS_COLOUR)

      # true when a ground that was taken for ink goes
      def uncovers? = any?(:UNCOVERS)

      # with one more step, done last
      # @param step [Hash, nil] as +new+ takes it
      def followed_by(step) = step ? Recipe.new([*to_a.first(MOST_STEPS - 1), step]) : self

      # @param key [String]
      def does?(key) = active.any? { |s| key == s.work::KEY }

      def to_a = steps.map { |s| {"key" => s.work::KEY, "on" => s.on}.merge(s.figures.transform_keys(&:to_s)) }

      # @param artwork [Drawing, Picture]  @param per_mm [Float] its own units a millimetre
      # @param shape [Surfaces::Shape, nil] the piece  @param colour [Colour, nil] its colour
      # @param framed [Boolean] what lies behind a frame: its box is all that came, however much of it goes bare
      # @param enlarge [Boolean] a picture is made as fine as its steps want
      # @return [Prepared]
      # @raise [Errors::BadArtwork] when nothing is left
      def call(artwork, per_mm:, shape: nil, colour: nil, framed: does?("cover"), enlarge: true)
        first, ratio = enlarge ? as_it_must_be(artwork, per_mm) : [artwork, 1.0]
        made, notes = first, first.notes
        active.each do |s|
          before = made
          # enlarged, it is of the kind that it was
          kind = -> { Kind.of((before.equal?(first) && before.vector? == artwork.vector?) ? artwork : before) }
          bench = Preparing::Bench.new(per_mm: per_mm * ratio, shape: shape, colour: colour, kind: kind) do
            before.ink.box
          end
          made = s.work.call(before, s.figures, bench)
          made.with_ink(before.ink) if framed && stays?(s) && made.ink
          notes |= made.notes
        end
        unless made.ink
          raise Errors::BadArtwork.new(
            "Nothing is left after these steps.",
            remedy: "Turn one off, or change its figure.",
            field: :recipe
          )
        end
        Prepared.new(made, ratio, notes)
      end

      # A set's members, step by step together: what turns on a box turns on that of all of them.
      # @param set [DrawnSet]
      # @return [Prepared] its artwork a DrawnSet
      # @raise [Error] when a step makes pictures of letters
      def call_on_set(set, per_mm:, shape: nil, colour: nil)
        picture = active.find { |s| !s.work.const_defined?(:ON_LINES) }
        if picture
          raise Error.new(
            "“#{picture.work::TITLE}” makes a picture, but a set must stay letters.",
            remedy: "Turn it off, or make one artwork for each text.",
            field: :recipe
          )
        end
        Prepared.new(active.reduce(set) { |members, s|
          bench = Preparing::Bench.new(per_mm: per_mm, shape: shape, colour: colour) { members.box }
          DrawnSet.new(members.map { |drawing| s.work.call(drawing, s.figures, bench) })
        }, 1.0, [])
      end

      private

      # a step in millimetres that is not about where things lie on the piece
      def grained?(work) = work.const_defined?(:SIZED) && !work.const_defined?(:FOLLOWS_PIECE)

      # whether what a step leaves lies where it was
      def stays?(step) = !step.work.const_defined?(:MOVES) && step.work != Preparing::Cover

      # whether a step that is done says so of itself
      def any?(mark) = active.any? { |s| s.work.const_defined?(mark) }

      def step(hash)
        hash = hash.transform_keys(&:to_s)
        work = Preparing.fetch(hash["key"])
        Step.new(
          work,
          work::PARAMETERS.to_h { |figure| [figure.key, read(figure, hash[figure.key.to_s])] }.freeze,
          hash["on"] != false
        ).freeze
      end

      def read(figure, value)
        return figure.default if value.nil? || value == ""
        figure.read(value) ||
          raise(Error.new(
            "#{figure.words.capitalize} #{figure.bounds}.", remedy: "Check what was typed.", field: :recipe
          ))
      end

      # lines stay lines while every step can work on lines; pictures are made fine enough
      def as_it_must_be(artwork, per_mm)
        return [artwork, 1.0] if empty? || (artwork.vector? && active.all? { |s| s.work.const_defined?(:ON_LINES) })
        return rendered(artwork, per_mm) if artwork.vector?
        ratio = any?(:FINE) ? (FINE_PER_MM / per_mm).ceil.clamp(1, most_ratio(artwork)) : 1
        (ratio == 1) ? [artwork, 1.0] : [Picture.made(artwork.image.resize(ratio, kernel: enlarging)), ratio.to_f]
      end

      # soft edges only where a step makes them hard again
      def enlarging = any?(:HARD) ? :cubic : :nearest

      def most_ratio(artwork)
        [Math.sqrt(MOST_PIXELS / (artwork.image.width.to_f * artwork.image.height)).floor, 1].max
      end

      def rendered(artwork, per_mm)
        box = artwork.ink.box
        ratio = [2 * FINE_PER_MM / per_mm, Math.sqrt(MOST_PIXELS / (box.width * box.height))].min
        frame = box.grown(SizedRaster::MARGIN / ratio)
        [Picture.made(
          Formats::SVG::Raster.call(artwork, frame: frame, scale: ratio),
          notes: ["Prepared as a picture, no longer as lines."]
        ), ratio]
      end
    end
  end
end
