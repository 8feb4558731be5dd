# frozen_string_literal: true

# How a mark fills its piece, when it does: what is kept of it, and what comes of it.
class MarkCovering
  # @param mark [Mark]  @param tried [UpClose::Covering::Cover, nil] not kept: a maker is still moving it
  def initialize(mark, tried: nil)
    @mark, @tried = mark, tried
  end

  def any? = !cover.nil?

  # @return [UpClose::Covering::Cover, nil]
  def cover = @tried || (@mark.cover && UpClose::Covering::Cover.from_h(@mark.cover))

  # as it begins: from the middle, as large as covers all of it
  # @param edge_mm [Float]
  # @return [UpClose::Covering::Cover]
  def beginning(edge_mm: UpClose::Covering::Cover::BLEED_MM)
    filling(UpClose::Covering::Cover.new(edge_mm: edge_mm))
  end

  # the same, just as large as covers all of it from where it lies
  # @param cover [UpClose::Covering::Cover]
  def filling(cover)
    least = cover.least_picture_mm(cover.region(shape), shown["aspect"])
    cover.with(picture_mm: least / shown["share"])
  end

  # @return [Hash, nil] the last step of its recipe
  def step
    return unless any?
    over = (shape.wraps? && cover.seam == "overlap") ? cover.overlap_mm : 0.0
    {"key" => "cover", "on" => true, "edge_mm" => cover.edge_mm, "x_mm" => cover.x_mm, "y_mm" => cover.y_mm,
     "turn_deg" => cover.turn_deg, "overlap_mm" => over}
  end

  # what one of the artwork's own units comes to
  def mm_per_unit = cover.picture_mm / @mark.artwork.ink_core.box.width

  # what is printed and cut, from the piece's middle
  # @return [UpClose::Geometry::Region]
  def region = cover.region(shape)

  # @return [Hash{String => Array(Float, Float)}] places of the picture, by the feature each is held to
  def pins = @mark.cover.to_h.fetch("pins", {})

  # what both flanks agree on, as it lies on this one
  # @return [Array<UpClose::Surfaces::Feature>]
  def features
    kept = @mark.piece.features.map { |hash| UpClose::Surfaces::Feature.from_h(hash) }
    (@mark.flank == "right") ? kept.map(&:mirrored) : kept
  end

  # moved so that the pins hold; the picture's own width is told by what is shown of it
  # @param pins [Hash{String => Array(Float, Float)}]  @return [UpClose::Covering::Cover]
  def pinned(pins) = held(pins).call(cover)

  # @return [Array<Array(UpClose::Surfaces::Feature, Float)>] each feature that is held, and by how many mm it is missed
  def missed = pins.keys.map { |number| features[number.to_i] }.zip(pins.any? ? held(pins).misses(cover) : [])

  def held(pins)
    UpClose::Covering::Pins.new(pins.map { |number, on|
      UpClose::Covering::Pins::Pin.new(UpClose::Geometry::Point[*on], features.fetch(number.to_i).at)
    })
  end
  private :held

  # where film closes up over a body
  # @return [Array<Array(UpClose::Geometry::Point, UpClose::Geometry::Point)>]
  def slits = any? ? shape.slits([cover.edge_mm, 0].max) : []

  # what lies behind the outline, the mark's own steps done to it
  # @return [Shelves::DrawnArtwork]
  def behind
    return @mark.artwork.drawn if recipe.empty?
    Shelves::DrawnArtwork.new(
      source: @mark.artwork.origin, forms: Settings.opened, recipe: recipe.to_a, shape: shape,
      colour: @mark.piece.colour_core, mm_per_unit: scale, framed: true
    )
  end

  # how that is shown: "aspect", "share" of the artwork's own width, "vector"
  # @return [Hash]
  def shown
    own = @mark.artwork.ink_core
    return {"aspect" => own.aspect, "share" => 1.0, "vector" => !@mark.artwork.picture?} if recipe.empty?
    prepared = Shelves::KeptAnswers.apart(behind, :to_keep)
    box = UpClose::Artwork::Ink.from_h(prepared["ink"]).box
    {"aspect" => box.height / box.width, "share" => box.width / prepared["ratio"] / own.box.width,
     "vector" => prepared["vector"]}
  end

  # Where the mark lies and how wide it is, after the piece, the artwork, its recipe or the cover has changed. Its mark
  # is changed, and not yet kept.
  # @param now [Time, nil] when it was placed, where it was not before
  # @return [Mark]
  # @raise [UpClose::Error] when nothing of the piece is left
  def settle(now = nil)
    @mark.forget_design
    middle = @mark.covering.region.box.centre
    @mark.prepared = @mark.design.solved
    @mark.assign_attributes(
      width_mm: @mark.prepared["width_mm"], x_mm: middle.x.round(6), y_mm: middle.y.round(6), turn_deg: 0.0,
      repeats: {}, placed_at: @mark.placed_at || now
    )
    @mark
  end

  # mm from side to side of what is shown
  def shown_mm = cover.picture_mm * shown["share"]

  # @return [Array<UpClose::Finding>]
  def findings(writer)
    UpClose::Covering::CoverFindings.new(cover.with(picture_mm: shown_mm), shape, shown["aspect"], writer).findings
  end

  private

  def shape = @mark.shape_core

  def recipe = @recipe ||= UpClose::Artwork::Recipe.new(@mark.recipe)

  # before it has a width of its own, as wide as the piece
  def scale = cover&.picture_mm ? mm_per_unit : shape.box.width / @mark.artwork.ink_core.box.width
end
