# frozen_string_literal: true

# The marks of one piece, in the order they are applied, and what that comes to.
class PieceLayers
  # @param piece [Piece]  @param flank [String, nil] of a body with two
  # @param tried [Hash{Integer => UpClose::Placing::Placement}] marks that are tried elsewhere, by number
  # @param among [Array<Mark>, nil] all of them, where they are at hand
  def initialize(piece, flank: nil, tried: {}, among: nil)
    @piece, @flank, @tried, @among = piece, flank, tried, among
  end

  # @return [Array<Mark>] placed ones, lowest first
  def marks
    @marks ||= (@among || @piece.marks.live.preload(:artwork, piece: :job).where(flank: @flank))
      .select { |mark| mark.artwork && mark.width_mm }.sort_by { |mark| [mark.layer || mark.id, mark.id] }
  end

  # @return [UpClose::Composing::Layers]
  def core = @core ||= UpClose::Composing::Layers.new(layers)

  # @return [Array<UpClose::Composing::Layer>]
  def layers = @layers ||= marks.map { |mark| layer(mark) }

  # @return [Hash{String => UpClose::Geometry::Box}] of each mark's ink, upright on the piece, by its title
  def boxes = layers.to_h { |layer| [layer.title, layer.box] }

  # marks below it that it lies over
  # @param mark [Mark]  @return [Array<Mark>]
  def below(mark)
    lower = core.overs.select { |over| over.upper.key == mark.id }.map { |over| over.lower.key }
    marks.select { |other| lower.include?(other.id) }
  end

  # what to do first, and to wait for, where a mark lies over others
  # @param mark [Mark]  @return [Array<UpClose::Finding>]
  def before(mark)
    core.findings.zip(core.overs).select { |_, over| over.upper.key == mark.id }.map(&:first)
  end

  # letters stand on it, mm down from the mark's middle; nil of what is no plain line of letters
  # @param mark [Mark]  @return [Float, nil]
  def self.baseline(mark)
    return unless mark.artwork.lettering? && !mark.artwork.set? && !mark.design.prepared? && (mark.turn_deg % 180).zero?
    box = mark.design.ink.box
    -box.centre.y * mark.width_mm / box.width
  end

  private

  def layer(mark)
    method = mark.method_core
    UpClose::Composing::Layer.new(
      key: mark.id, title: mark.title, transfer: mark.bound_to || mark.id, region: laid(mark), ink: hulls(mark),
      residue: method&.residue, wet: method ? method.laid_wet? : false, next_s: method && next_s(mark)
    )
  end

  def at(mark) = @tried.fetch(mark.id) { mark.placement }

  def hulls(mark)
    UpClose::Geometry::Region.union(mark.all_placed(at(mark)).map { |placed|
      UpClose::Geometry::Region.polygon(placed.hull.map(&:to_a))
    })
  end

  # a film with all that is cut out with it, ink alone where it sinks in; what is bound lies on its host's film
  def laid(mark)
    film = mark.method_key && UpClose::Composing::Layer::FILMS.include?(mark.method_core.residue)
    return hulls(mark) unless film && mark.bound_to.nil?
    cut = mark.cutting.as_placed.region
    places = mark.repeats_core.placements(at(mark)).map { |repeat| mark.printed.placement(repeat) }
    UpClose::Geometry::Region.union(places.map { |placement| cut.mapped(place(placement)) })
  end

  def place(placement)
    UpClose::Geometry::Transform.turn(placement.turn_deg)
      .then(UpClose::Geometry::Transform.move(placement.x_mm, placement.y_mm))
  end

  # until something can go over it, as its own steps say
  def next_s(mark)
    waits = mark.planned.bare_steps.select { |step| step.phase == :apply && step.moments }
    waits.last&.moments&.fetch(:next_coat, nil)
  end
end
