# frozen_string_literal: true

require "shelves/artwork_source"
require "shelves/drawn_pictures"

module Shelves
  # What a mark prints: an artwork from its source, with the mark's own preparing done to it.
  # A value that a worker is sent; what it opens, it opens there.
  class DrawnArtwork
    include DrawnPictures

    attr_reader :source, :recipe, :shape, :colour, :mm_per_unit, :framed

    # @param source [ArtworkSource::Original, ArtworkSource::Words, ArtworkSource::WordSet]
    # @param recipe [Array<Hash>] steps, as UpClose::Artwork::Recipe takes them
    # @param shape [UpClose::Surfaces::Shape, nil] of the piece  @param colour [UpClose::Colour, nil] of the piece
    # @param mm_per_unit [Float, nil] what one of the artwork's own units comes to; needed only with a recipe
    # @param forms [String] the folder of OpenedForms
    # @param framed [Boolean] it lies behind a frame, as UpClose::Artwork::Recipe#call says
    def initialize(source:, forms:, recipe: [], shape: nil, colour: nil, mm_per_unit: nil, framed: false)
      @source, @forms, @recipe, @shape, @colour = source, forms, recipe, shape, colour
      @mm_per_unit, @framed = mm_per_unit, framed
    end

    # the same at another scale
    def at(mm_per_unit)
      DrawnArtwork.new(source: source, forms: @forms, recipe: recipe, shape: shape, colour: colour,
        mm_per_unit: mm_per_unit, framed: framed)
    end

    def ==(other) = other.is_a?(DrawnArtwork) && identity == other.identity
    alias_method :eql?, :==

    def hash = identity.hash

    # the piece, and its colour, count where a step follows them, and the scale where one works in millimetres
    # @see UpClose::Identity
    def identity
      done = steps.active.map { |step| [step.work::KEY, step.figures] }
      [
        source, done, (shape if steps.follows_piece?), (colour if steps.follows_colour?),
        (mm_per_unit&.round(9) if steps.sized?), framed
      ]
    end

    def marshal_dump = [source, @forms, recipe, shape, colour, mm_per_unit, framed]

    def marshal_load(kept)
      @source, @forms, @recipe, @shape, @colour, @mm_per_unit, @framed = kept
    end

    # @return [UpClose::Artwork::Drawing, UpClose::Artwork::Picture] of a set, its widest member
    def artwork = whole.respond_to?(:widest_drawing) ? whole.widest_drawing : whole

    # the same, fine enough for its printed size; what a recipe has prepared stays as it is
    # @param width_mm [Float]  @param height_mm [Float] of its ink
    def artwork_for(width_mm, height_mm)
      return artwork unless steps.empty?
      (@finer ||= {})[source.for_size([
        width_mm,
        height_mm
      ].max)] ||= source.for_size([width_mm, height_mm].max).opened.then do |opened|
        opened.respond_to?(:widest_drawing) ? opened.widest_drawing : opened
      end
    end

    # what page writers call
    def draw_on(page, box:, **place) = artwork_for(box.width, box.height).draw_on(page, box: box, **place)

    # the copy that bears a number: of a set, its member
    def for_copy(number)
      source.is_a?(ArtworkSource::WordSet) ? Member.new(self, (number - 1) % source.members.size + 1) : self
    end

    # one member of a set
    Member = Struct.new(:set, :number) do
      def drawing = set.whole.drawing_of(number)

      def draw_on(page, **place) = drawing.draw_on(page, **place)
    end

    # @return [UpClose::Artwork::Drawing, UpClose::Artwork::Picture, UpClose::Artwork::DrawnSet]
    def whole = steps.empty? ? source.opened : prepared.artwork

    # @return [UpClose::Artwork::Recipe::Prepared]
    def prepared
      @prepared ||= begin
        artwork, told = OpenedForms.new(@forms).fetch(self) do
          made.then { |m| [m.artwork, {ratio: m.ratio, notes: m.notes}] }
        end
        UpClose::Artwork::Recipe::Prepared.new(artwork, told[:ratio], told[:notes])
      end
    end

    SOLVE_ROUNDS = 6

    # The scale at which what is prepared measures +width_mm+: nearer each time.
    # @param begun [Float] the scale to begin at
    # @return [Hash] what is worth keeping of it at that scale
    def solved(width_mm, begun)
      scale = SOLVE_ROUNDS.times.reduce(begun) do |tried, _|
        trial = at(tried).prepared
        width = tried * trial.artwork.ink.box.width / trial.ratio
        break tried if (width - width_mm).abs < 1e-7
        tried * width_mm / width
      end
      at(scale).to_keep
    end

    # @return [Hash] what is worth keeping of it, so that pages need not prepare it again
    def to_keep
      Workers.drawing("preparing")
      ink = prepared.artwork.ink
      {
        "mm_per_unit" => mm_per_unit,
        "width_mm" => mm_per_unit * ink.box.width / prepared.ratio,
        "ratio" => prepared.ratio,
        "vector" => prepared.artwork.vector?,
        "ink" => ink.to_h.except(:rows),
        "silhouette" => ink.rows,
        "notes" => prepared.notes
      }
    end

    # @param about [Hash] as UpClose::Artwork::CheckContext takes it, the artwork left out
    # @return [Array(Array<UpClose::Finding>, Hash)] its checks, and the figures that methods are judged by
    def looked_at(about)
      looked = subject(about)
      known = [self, looked.artwork.ink.box]
      forms = OpenedForms.new(@forms)
      forms.tell(looked.artwork, known)
      looks = [UpClose::Artwork::Checks.findings(looked), figures_of(looked)]
      forms.keep_known(looked.artwork, known)
      looks
    end

    # @param about [Hash] as above
    # @return [Array(Integer, Array<UpClose::Finding>), nil] on one of how many pixels, and what
    #   UpClose::Artwork::FirstLook finds; nil where there is none
    def first_looked_at(about)
      Workers.drawing("looking")
      return if steps.draws_fine?
      few = source.few or return
      [few.shrunk**2, UpClose::Artwork::FirstLook.new(few, recipe: steps, bench: bench, about: about).findings]
    end

    # @param line [String] key of a UpClose::Cutting::Line  @param figures [Hash] as UpClose::Cutting::Asked takes them
    # @return [Hash] a UpClose::Cutting::Cut
    def cut(line, width_mm, figures)
      Workers.drawing("cutting")
      region = -> { UpClose::Cutting::InkRegions.inked(all_drawn, width_mm: width_mm) }
      asked = UpClose::Cutting::Asked.new(ink: whole.ink, width_mm: width_mm, region: region, **figures)
      UpClose::Cutting::Lines.fetch(line).new(asked).call.to_h
    end

    private

    # of a set, all its members one over the other: one line cuts any of them
    def all_drawn
      return artwork unless whole.respond_to?(:drawing_of)
      UpClose::Artwork::Drawing.new((1..source.members.size).flat_map { |n| whole.drawing_of(n).shapes })
        .with_ink(whole.ink)
    end

    def steps = @steps ||= UpClose::Artwork::Recipe.new(recipe)

    def made
      whole_set? ? steps.call_on_set(source.opened, **bench.except(:framed)) : steps.call(source.opened, **bench)
    end

    def whole_set? = source.opened.respond_to?(:drawing_of)

    # what steps work with
    def bench
      {per_mm: mm_per_unit && 1 / mm_per_unit, shape: shape, colour: colour, framed: framed || steps.does?("cover")}
    end

    def subject(about)
      Workers.drawing("checking")
      UpClose::Artwork::CheckContext.new(
        artwork: artwork_for(about[:width_mm], about[:width_mm] * artwork.ink.aspect),
        **about
      )
    end

    # ink laid, length of its lines, its main colours
    def figures_of(looked)
      {
        laid: looked.solids.laid, line_mm: looked.lines.length_mm, palette: looked.palette.to_a,
        mostly_over_mm: looked.mostly_over_mm, kind: looked.kind.key
      }
    end
  end
end
