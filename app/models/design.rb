# frozen_string_literal: true

# What a mark really prints: its artwork, with the mark's own preparing done to
# it. Everything after the Artwork stage asks here, never the artwork itself.
class Design
  CACHE = Shelves::Recent.new
  CHECKED = Shelves::Recent.new(most: 60)
  LOOKS = Shelves::Recent.new(most: 24)
  FIGURES = Shelves::Recent.new(most: 60)

  # @param mark [Mark] with an artwork
  def initialize(mark)
    @mark = mark
  end

  def artwork = @mark.artwork

  # @return [UpClose::Artwork::Recipe]
  def recipe = @recipe ||= UpClose::Artwork::Recipe.new(@mark.recipe)

  def prepared? = !recipe.empty?

  # bent to a tapered piece
  def bent? = recipe.does?("bend")

  # how many of its units one of the artwork's own has become
  def ratio = if prepared?
                kept ? kept["ratio"] : prepared.ratio
              else
                1
              end

  # @return [UpClose::Artwork::Ink] box, hull and middle
  def ink
    return artwork.ink_core unless prepared?
    @ink ||= kept ? UpClose::Artwork::Ink.from_h(kept["ink"]) : prepared.artwork.ink
  end

  # @return [UpClose::Artwork::Ink] with its silhouette, which is long and seldom needed
  def whole_ink
    return artwork.whole_ink unless prepared?
    @whole_ink ||= kept ? UpClose::Artwork::Ink.from_h(kept["ink"].merge("rows" => kept["silhouette"])) : prepared.artwork.ink
  end

  # what was found when it was last prepared, so that pages need not do it again
  # @return [Hash, nil]
  def kept
    found = @mark.prepared or return
    found if found["recipe"] == recipe_key && (!recipe.sized? || (found["width_mm"] - @mark.width_mm).abs < 1e-6)
  end

  def recipe_key = Digest::SHA256.hexdigest([artwork.id, recipe.active.map { |s| [s.work::KEY, s.figures] }, @mark.piece.measures].to_json)[0, 20]

  # prepared so that one of the artwork's own units comes to so many millimetres
  # @return [Hash] what is worth keeping of it
  def to_keep(mm_per_unit)
    made = made_at(mm_per_unit)
    found = made.artwork.ink
    {"recipe" => recipe_key, "mm_per_unit" => mm_per_unit, "width_mm" => mm_per_unit * found.box.width / made.ratio, "ratio" => made.ratio, "vector" => made.artwork.vector?,
     "ink" => found.to_h.except(:rows), "silhouette" => found.rows, "notes" => made.notes}
  end

  # millimetres one of the artwork's own units comes to
  def mm_per_unit
    return @mark.width_mm / artwork.ink_core.box.width unless prepared?
    kept ? kept["mm_per_unit"] * @mark.width_mm / kept["width_mm"] : solved
  end

  SOLVE_ROUNDS = 6

  # the scale at which what is prepared measures what the mark does: nearer each time
  def solved
    @solved ||= SOLVE_ROUNDS.times.reduce(@mark.width_mm / artwork.ink_core.box.width) do |scale, _|
      made = made_at(scale)
      width = scale * made.artwork.ink.box.width / made.ratio
      break scale if (width - @mark.width_mm).abs < 1e-7
      scale * @mark.width_mm / width
    end
  end

  # @return [UpClose::Artwork::Recipe::Prepared]
  def prepared = made_at(mm_per_unit)

  def made_at(scale) = CACHE.fetch([recipe_key, recipe.sized? && scale.round(9)]) { make(per_mm: 1 / scale, shape: @mark.piece.to_core) }

  def make(**bench) = artwork.set? ? recipe.call_on_set(artwork.lettering_set.drawn, **bench) : recipe.call(artwork.to_core, **bench)

  def aspect = ink.aspect

  # @return [UpClose::Artwork::Drawing, UpClose::Artwork::Picture] of a set, its widest member
  def to_core
    return artwork.to_core unless prepared?
    artwork.set? ? prepared.artwork.widest_drawing : prepared.artwork
  end

  # what page writers call: opened only when it is really drawn
  def draw_on(page, **place) = to_core.draw_on(page, **place)

  # the member of a set that a copy is; otherwise always the same
  def for_copy(number) = artwork.set? ? drawn_set.drawing_of(number) : self

  # @return [UpClose::Artwork::DrawnSet]
  def drawn_set = prepared? ? prepared.artwork : artwork.lettering_set.drawn

  def picture?
    return artwork.picture? unless prepared?
    kept ? !kept["vector"] : !to_core.vector?
  end

  def notes = if prepared?
                artwork.notes | (kept ? kept["notes"] : prepared.notes)
              else
                artwork.notes
              end

  # width of the ink for a cap height of 1
  def width_per_cap = artwork.lettering? ? artwork.width_per_cap * ink.box.width / artwork.ink_core.box.width / ratio : nil

  # names everything the picture depends on
  def signature = Digest::SHA256.hexdigest([artwork.id, artwork.updated_at.to_f, prepared? && [recipe_key, recipe.sized? && @mark.width_mm]].to_json)[0, 16]

  # @return [Hash, nil] the letters' heights at the mark's size
  def lettering
    return unless artwork.lettering?
    cap = @mark.width_mm / width_per_cap
    {cap_mm: cap, x_mm: cap * artwork.facts["x_height_ratio"], small: artwork.lettering.match?(/\p{Ll}/)}
  end

  # @return [UpClose::Methods::Limits] of the method chosen, or of the one nearest at hand
  def limits
    UpClose::Methods::Limits.for(method: @mark.method_core || UpClose::Methods.all.first, printer: @mark.printer || "laser")
  end

  def film = @mark.stock_core&.white? ? :white : :clear

  # what lies round the ink once it is on the piece
  # @return [UpClose::Colour]
  def surround = UpClose::Artwork::Look.new(nil, surface: @mark.piece.colour_core, film: film).surround

  # @return [UpClose::Artwork::Subject]
  def subject
    UpClose::Artwork::Subject.new(artwork: to_core, width_mm: @mark.width_mm, limits: limits, film: film, surface: @mark.piece.colour_core,
      border_mm: @mark.setting&.border_mm, lettering: lettering,
      white_film: @mark.method_core.nil? || @mark.method_core.stocks.any?(&:white?), inked: @mark.method_core.nil? || @mark.method_core.inked?)
  end

  # @return [Array<UpClose::Finding>] looked at now, or lately
  def findings
    CHECKED.fetch(checks_key) do
      looked = subject
      UpClose::Artwork::Checks.findings(looked).tap { FIGURES.fetch(checks_key) { figures_of(looked) } }
    end
  end

  # what methods are judged and times are worked out by: ink laid, length of its lines, its main colours
  # @return [Hash]
  def figures = FIGURES.fetch(checks_key) { figures_of(subject) }

  def figures_of(looked) = {laid: looked.solids.laid, line_mm: looked.lines.length_mm, palette: looked.palette.to_a}

  # @return [Array<UpClose::Finding>, nil] nil when they have yet to be looked at
  def findings_at_hand = CHECKED.at_hand(checks_key)

  # @param film [String] "wanted", "clear" or "white"
  # @return [String] PNG
  def look_png(film)
    LOOKS.fetch([checks_key, film]) do
      shown = look_on((film == "white") ? :white : :clear)
      ((film == "wanted") ? shown.wanted : shown.predicted).pngsave_buffer(compression: 3)
    end
  end

  # as it will look, with the film in use
  # @return [UpClose::Artwork::Look]
  def look = LOOKS.fetch([checks_key, "look"]) { look_on(film).tap(&:predicted) }

  # pages show it this large; for that alone it need not be fine
  SHOWN_PX = 640

  def look_on(film)
    per_mm = SHOWN_PX / [@mark.width_mm, @mark.height_mm].max
    UpClose::Artwork::Look.new(UpClose::Artwork::Proof.new(to_core, width_mm: @mark.width_mm, per_mm: per_mm), surface: @mark.piece.colour_core, film: film, most_px: SHOWN_PX + 2 * UpClose::Artwork::Proof::MARGIN)
  end

  # @return [UpClose::Artwork::Impression]
  def impression = UpClose::Artwork::Impression.new(subject, printer: @mark.printer || "laser")

  # @return [String] PNG of what really comes over, for the loupe
  def impression_png = LOOKS.fetch([checks_key, "impression"]) { impression.image.pngsave_buffer(compression: 1) }

  # for addresses: what looks and the loupe's picture depend on
  def looks_signature = Digest::SHA256.hexdigest(checks_key)[0, 16]

  def checks_key
    [signature, @mark.width_mm, @mark.way, @mark.printer, @mark.stock, @mark.picked, @mark.piece.colour].to_json
  end
end
