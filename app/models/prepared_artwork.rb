# frozen_string_literal: true

# What a mark really prints: its artwork, with the mark's own preparing done to
# it. Everything after the Artwork stage asks here, never the artwork itself.
class PreparedArtwork
  # letters of a name in an address
  SIGNED = 16

  # @param mark [Mark] with an artwork
  def initialize(mark)
    @mark = mark
  end

  def artwork = @mark.artwork

  # the mark's own steps, and last of all the outline of the piece that it covers
  # @return [UpClose::Artwork::Recipe]
  def recipe
    @recipe ||= UpClose::Artwork::Recipe.new(@mark.recipe).followed_by(@mark.covering.step)
  end

  def prepared? = !recipe.empty?

  # bent to a tapered piece
  def bent? = recipe.does?("bend")

  # how many of its units one of the artwork's own has become
  def ratio = prepared? ? facts["ratio"] : 1

  # @return [UpClose::Artwork::Ink] box, hull and middle
  def ink = prepared? ? (@ink ||= UpClose::Artwork::Ink.from_h(facts["ink"])) : artwork.ink_core

  # @return [UpClose::Artwork::Ink] with its silhouette, which is long and seldom needed
  def whole_ink
    return artwork.whole_ink unless prepared?
    @whole_ink ||= UpClose::Artwork::Ink.from_h(facts["ink"].merge("rows" => facts["silhouette"]))
  end

  # what was found when it was last prepared, so that pages need not do it again
  # @return [Hash, nil]
  def kept
    prepared = @mark.prepared or return
    prepared if prepared["recipe"] == recipe_key && (!recipe.sized? || as_wide?(prepared["width_mm"]))
  end

  def as_wide?(width_mm) = (width_mm - @mark.width_mm).abs < UpClose::Tolerance::SLIGHT
  private :as_wide?

  # what it comes to once prepared: kept, or prepared now
  # @return [Hash]
  def facts = kept || (@facts ||= solved)

  # Worked out anew where what is kept is of another size, or of another piece that it follows.
  # @return [Boolean] whether it was
  def prepare_again
    return false unless artwork && @mark.width_mm && recipe.sized? && kept.nil?
    @mark.prepared = solved.merge("width_mm" => @mark.width_mm)
    true
  end

  # names all that preparing is done with, its scale aside
  def recipe_key = UpClose::Identity.of(drawn_at(nil))

  # prepared so that one of the artwork's own units comes to so many millimetres
  # @return [Hash] what is worth keeping of it
  def to_keep(mm_per_unit) = {"recipe" => recipe_key}.merge(kept_apart(drawn_at(mm_per_unit), :to_keep))

  # the same at the scale at which what is prepared measures what the mark does
  def solved
    return to_keep(mm_per_unit) if @mark.covering.any?
    {"recipe" => recipe_key}
      .merge(kept_apart(drawn_at(nil), :solved, @mark.width_mm, @mark.width_mm / artwork.ink_core.box.width))
  end

  # millimetres one of the artwork's own units comes to
  def mm_per_unit
    return @mark.covering.mm_per_unit if @mark.covering.any?
    return @mark.width_mm / artwork.ink_core.box.width unless prepared?
    facts["mm_per_unit"] * @mark.width_mm / facts["width_mm"]
  end

  # what goes to paper, for the worker that draws it
  # @return [Shelves::DrawnArtwork]
  def drawn = @drawn ||= prepared? ? drawn_at(mm_per_unit) : artwork.drawn

  def drawn_at(mm_per_unit, steps = recipe)
    Shelves::DrawnArtwork.new(
      source: artwork.origin,
      forms: Settings.opened,
      recipe: steps.to_a,
      shape: @mark.shape_core,
      colour: @mark.piece.colour_core,
      mm_per_unit: mm_per_unit
    )
  end

  # opened and drawn in a worker, once for as long as it is asked for
  def kept_apart(...) = Shelves::KeptAnswers.apart(...)

  def aspect = ink.aspect

  def picture? = prepared? ? !facts["vector"] : artwork.picture?

  def notes = prepared? ? artwork.notes | facts["notes"] : artwork.notes

  # width of the ink for a cap height of 1
  def width_per_cap
    artwork.lettering? ? artwork.width_per_cap * ink.box.width / artwork.ink_core.box.width / ratio : nil
  end

  # names everything the picture depends on, for its address
  def signature = UpClose::Identity.of(drawn)[0, SIGNED]

  # @return [Hash, nil] the letters' heights at the mark's size
  def lettering
    return unless artwork.lettering?
    cap = @mark.width_mm / width_per_cap
    {cap_mm: cap, x_mm: cap * artwork.facts["x_height_ratio"], small: artwork.lettering.match?(/\p{Ll}/)}
  end

  # @return [Class] the method chosen, or the one nearest at hand
  def method_looked_for = @mark.method_core || UpClose::Methods.all.first

  # @return [UpClose::Methods::Limits] of the method chosen, or of the one nearest at hand
  def limits
    UpClose::Methods::Limits.for(
      method: method_looked_for, printer: @mark.printer || "laser", purpose: @mark.purpose_core,
      recorded: recorded_limits
    ).then { |limits| etched(limits) }
  end

  # a line that the bath eats from both sides is lost, whatever its resist holds
  def etched(limits)
    etching = MarkEtching.new(@mark)
    return limits unless etching.etched?
    limits.at_least(:line_mm, etching.undercut.drawn_for(0), "what is eaten at both edges: #{etching.undercut.working}")
  end
  private :etched

  # what this shop has read of its limits for this way of doing it, or for the method nearest at hand
  # @return [Hash{Symbol => Array(Float, String)}] for Methods::Limits
  def recorded_limits
    method, printer = method_looked_for, (@mark.printer || "laser").to_sym
    way = UpClose::Record::Way.new(
      method_key: method.key, printer: printer, stock: @mark.stock, family: @mark.piece.material_core.family
    )
    ShopFacts.now.book.recorded(method, way, purpose: @mark.purpose_core)
  end

  def film = @mark.stock_core&.white? ? :white : :clear

  # what lies round the ink once it is on the piece
  # @return [UpClose::Colour]
  def surround = UpClose::Artwork::PredictedLook.new(nil, surface: @mark.piece.colour_core, film: film).surround

  # what its checks are told, the artwork left out
  # @return [Hash]
  def about
    method = @mark.method_core
    {
      width_mm: @mark.width_mm,
      limits: limits,
      film: film,
      surface: @mark.piece.colour_core,
      more_colours: @mark.piece.more_colours_core,
      border_mm: @mark.setting&.border_mm,
      lettering: lettering,
      white_film: method.nil? || method.stocks.any?(&:white?),
      inked: inked?,
      kind: @mark.artwork_kind&.to_sym,
      purpose: (@mark.purpose_core&.key || "picture").to_sym,
      printer: (@mark.printer || "laser").to_sym,
      show_through: @mark.show_through
    }
  end

  # printed colours are what is looked at in the end
  def inked?
    (@mark.method_core.nil? || @mark.method_core.inked?) && (@mark.purpose_core.nil? || @mark.purpose_core.inked?)
  end

  # @return [UpClose::Artwork::Kind] what it is taken as
  def kind = UpClose::Artwork::Kind.new((@mark.artwork_kind || figures[:kind]).to_sym)

  # @return [Array<UpClose::Finding>] looked at now, or lately
  def findings = looked_at.first

  # what methods are judged and times are worked out by: ink laid, length of its lines, its main colours
  # @return [Hash]
  def figures = looked_at.last

  def looked_at = kept_apart(drawn, :looked_at, about)

  # by its ink, whether there may be a first look at it
  def large_picture? = artwork.picture? && artwork.ink_core.box.area >= UpClose::Artwork::FirstLook::LARGE_PIXELS

  # what tells areas and colours of a large picture, before all of it is looked at
  # @return [Array(Integer, Array<UpClose::Finding>), nil] as Shelves::DrawnArtwork says
  def first_findings = kept_apart(drawn, :first_looked_at, about)

  # @return [Array<UpClose::Finding>, nil] nil when they have yet to be looked at
  def findings_at_hand = at_hand&.first

  # @return [Hash, nil] nil when it has yet to be looked at
  def figures_at_hand = at_hand&.last

  def at_hand = Shelves::KeptAnswers.at_hand(drawn, :looked_at, about)
  private :at_hand

  # names all that its checks depend on
  def checks_key = Shelves::KeptAnswers.kept_as(drawn, :looked_at, about)

  # @param film [String] "wanted", "clear", "white" or "faint"
  # @return [String] PNG
  def look_png(film)
    look_on((film == "white") ? :white : :clear, wanted: film == "wanted", worn: film == "faint").first
  end

  # @param count [Integer] 0: as it came  @return [String] PNG of it after so many of the mark's own steps
  def step_png(count)
    steps = UpClose::Artwork::Recipe.new(@mark.recipe.first(count))
    kept_apart(steps.empty? ? artwork.drawn : drawn_at(mm_per_unit, steps), :step_png)
  end

  # as it will look, with the film in use
  # @return [Array(String, Float)] PNG, and its margin in pixels
  def look = look_on(film)

  def look_on(film, wanted: false, worn: false)
    kept_apart(drawn, :look, @mark.width_mm, @mark.piece.colour_core, film, wanted: wanted, worn: worn)
  end

  # @return [String] PNG of what really comes over, for the loupe
  def impression_png = kept_apart(drawn, :impression_png, about, @mark.printer || "laser")

  # for addresses: what looks and the loupe's picture depend on
  def looks_signature = UpClose::Identity.of(drawn, about, @mark.printer || "laser")[0, SIGNED]
end
