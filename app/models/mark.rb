# frozen_string_literal: true

# One artwork on one piece at an exact size and place, by one method: what is kept of it. Where it
# lies, how it is made and how it goes to paper are asked of it, and answered by objects of their own.
class Mark < ApplicationRecord
  belongs_to :piece
  belongs_to :artwork, optional: true
  has_many :runs, -> { order(:id) }, inverse_of: :mark
  has_many :layout_marks, inverse_of: :mark
  has_many :layouts, -> { order(:id) }, through: :layout_marks
  has_many :attempts, -> { order(:copy, :id) }, inverse_of: :mark

  class << self
    # what is told of each flank that was saved, whoever saved it (config/boot.rb)
    # @return [#call, nil]
    attr_accessor :flank_saved
  end

  # whether it is being saved because the other flank was
  attr_accessor :following

  after_save { Mark.flank_saved&.call(self) if flank }

  # the other flank, while it is this one's mirror
  has_many :mirrors, -> { live.order(:id) }, class_name: "Mark", foreign_key: :mirror_of

  # bound to it as one transfer
  has_many :guests, -> { live.order(:id) }, class_name: "Mark", foreign_key: :bound_to
  belongs_to :host, class_name: "Mark", foreign_key: :bound_to, optional: true

  scope :live, -> { where(archived_at: nil) }

  # of jobs that are not put away
  scope :at_hand, -> { live.joins(piece: :job).where(jobs: {archived_at: nil}) }

  # the last run's steps are done, and its last coat has cured
  OVER = <<~SQL
    EXISTS (SELECT 1 FROM runs JOIN runs AS leads ON leads.id = ifnull(runs.leader_id, runs.id)
      WHERE runs.id = (SELECT max(own.id) FROM runs AS own WHERE own.mark_id = marks.id) AND leads.ready_at <= :now)
  SQL

  # +good_wanted+
  GOOD_WANTED = <<~SQL
    ifnull((SELECT json_array_length(set_of.members) FROM artworks AS set_of
      WHERE set_of.id = marks.artwork_id AND set_of.members IS NOT NULL),
    pieces.count * ifnull(json_extract(marks.repeats, '$.count'), 1))
  SQL

  # fewer pieces have a good try than are wanted: what +pieces_wanting+ says, without reading the tries
  SHORT = <<~SQL
    (SELECT count(DISTINCT tried.piece) FROM attempts AS tried WHERE tried.mark_id = marks.id
      AND tried.result <> 'spoilt' AND tried.piece BETWEEN 1 AND #{GOOD_WANTED}) < #{GOOD_WANTED}
  SQL

  # with work left on them
  # @param now [Time]
  scope :in_work, ->(now) { at_hand.where("NOT #{OVER}", now: now) }

  # with work left, or with tries to be written down: those of which +done?+ is false
  scope :undone, ->(now) { at_hand.where("NOT #{OVER} OR #{SHORT}", now: now) }

  delegate :job, to: :piece
  delegate :placement, :ink_for_piece, :room, :eased_place, :repeats_core, :all_placed, :neighbours, :laid_first,
    :registration, :own_size, :own_size_fits?, to: :placing
  # by the way it is done
  delegate :setting, :situation, :spares, to: :planned
  delegate :pack, :print_pack, :pack_to_print, :sheet_kind, :cut_lines, :cut_outline, :cutting, :outline_key,
    :too_large, :tiled?, :boxed?, :allowances,
    :suiting_sheets, :heading, :own_printer, :unprintable, :wet?, :fault_findings,
    :rows_under_rollers?, to: :printing

  # the shape it lies on: the piece's own, or that of its other flank
  # @return [UpClose::Surfaces::Shape]
  def shape_core = (flank == "right") ? piece.to_core.mirrored : piece.to_core

  # the mark on the other flank of the same body
  # @return [Mark, nil]
  def other_flank
    return unless flank
    @other_flank ||= piece.marks.live.find { |other| other.id != id && other.flank && other.flank != flank }
  end

  # @return [PreparedArtwork] the artwork as this mark prints it
  def design = @design ||= PreparedArtwork.new(self)

  # @return [MarkWhite]
  def white = MarkWhite.new(self)

  # what goes to paper: it alone, or all that is bound to it
  # @return [PrintedAlone, PrintedBound]
  def printed = @printed ||= binds ? PrintedBound.new(self, guests.to_a) : PrintedAlone.new(self)

  # @return [MarkPlacing]
  def placing = @placing ||= MarkPlacing.new(self)

  # All that is decided about it and known that bears on it; the same object for as long as nothing of that changes.
  # @return [UpClose::PlannedMark]
  def planned = MarkRecord.new(self).planned.then { |read| (read == @planned) ? @planned : @planned = read }

  # @return [MarkPrinting]
  def printing = @printing ||= MarkPrinting.new(self)

  # @return [MarkCovering]
  def covering = @covering ||= MarkCovering.new(self)

  def forget_design = @design = @covering = @printed = nil

  def reload(*)
    @design = @placing = @planned = @printing = @covering = @printed = nil
    super
  end

  def method_core = method_key && UpClose::Methods.fetch(method_key)

  # what it is for: as it was said, or what its method is usually for
  # @return [Class, nil] a Purposes::Purpose; nil while neither is known
  def purpose_core
    return UpClose::Purposes.fetch(purpose) if purpose
    method_core && UpClose::Purposes.usual_for(method_core)
  end

  # what is done once it is on the piece
  # @return [Class, nil] an Afterwards::Work
  def afterwards_core = afterwards && UpClose::Afterwards.fetch(afterwards)

  # a school of the shop's own, while there is one
  # @return [OwnSchool, nil]
  def own_school = picked["own_school"] && OwnSchool.find_by(id: picked["own_school"], method_key: method_key)

  # @return [Hash{Symbol => String}] the schools picked, a maker's own aside
  def schools = picked.except("own_school").transform_keys(&:to_sym)

  def stock_core = stock && UpClose::Sheets::Stock.fetch(stock)

  def sealer_core = UpClose::Sealing.fetch(sealer)

  # how many coats of it it gets
  def coats_wanted = sealer_core.coats.zero? ? 0 : coats || sealer_core.coats

  # what was found when it was looked at as it is now
  # @return [Hash, nil]
  def looked = (checked if checked && artwork && width_mm && checked["key"] == design.checks_key)

  # @return [MarkStops]
  def stops = MarkStops.new(self)

  def height_mm = width_mm && width_mm * design.aspect

  # what a copy of a set reads; nil when all are alike
  def reads(copy) = artwork&.set? ? artwork.members[(copy - 1) % artwork.members.size] : nil

  # good ones: one for each piece, each member of a set, each repeat
  def good_wanted = artwork&.members&.size || piece.count * repeats_core.count

  # pieces without a good or usable try
  # @return [Array<Integer>] by number
  def pieces_wanting = (1..good_wanted).to_a - attempts.reject { |a| a.result == "spoilt" }.map(&:piece)

  # pieces of which nothing was said since they were last laid: a spoilt one that was not tried again is told
  # @return [Array<Integer>] by number
  def untold_pieces
    tried = attempts.map(&:piece)
    pieces_wanting.select { |piece| !tried.include?(piece) || run&.tried_again?(piece) }
  end

  # good ones that are still missing
  def short = pieces_wanting.size

  # pieces that the next run is for: all of them, or those that did not come out in the last one
  def pieces_to_do = (run&.finished? && short.positive?) ? short : good_wanted

  # how many more to print so that what is missing comes out
  def more_to_print
    known = spares
    UpClose::Sheets::Spares.new([short, 1].max, start: known.chance, on_a_miss: known.on_a_miss).print || short
  end

  # prints that can have been used
  def prints_made = [copies_wanted, next_print].max

  # the next print that was not used
  # @return [Integer]
  def next_print = (attempts.map(&:copy).max || 0) + 1

  # what is printed: as many, unless the maker says otherwise
  def copies_wanted = copies || good_wanted

  # laid out freely, with leftovers, perhaps with other marks; nil when the copies stand in rows on fresh sheets
  # @return [Layout, nil]
  def layout
    last = layouts.last
    last.knowing(self) if last && %w[laid printed].include?(last.state) && last.as_laid?(self)
  end

  # other marks that wait for the same stock and printer, and are not yet printed
  # @return [Array<Mark>]
  def waiting_with
    Mark.live.where(stock: stock, printer: printer, bound_to: nil).where.not(id: id).where.missing(:runs)
      .preload(:artwork, :layouts, piece: :job).order(:id)
      .select { |mark| mark.placed? && !mark.layouts.last&.printed? && !mark.piece.job.archived_at }
  end

  # marks that can be done in one run with it: they share its sheets or its job, are made in the same way, are not
  # begun, and nothing refuses them
  # @return [Array<Mark>]
  def companions
    near = layout&.marks.to_a | (packed_at ? job.live_marks.select(&:packed_at) : [])
    (near - [self]).select { |other| alike?(other) && other.run.nil? && other.stops.open.empty? }
  end

  # what makes the work of two marks the same
  def made_like = [method_key, printer, stock, picked, purpose_core&.key, afterwards, sealer, coats_wanted]

  def alike?(other)
    other.made_like == made_like && other.placed? &&
      [other, self].map { |mark| mark.planned.steps.map { |step| [step.key, step.round] } }.uniq.one?
  end

  # all wanted are good, and the last coat has cured
  # @param now [Time]
  def done?(now) = run&.over?(now) && short <= 0

  # an unlocked mark is locked again after so long
  UNLOCKED_S = 3600

  # whether a copy of it lies on a piece
  def laid? = attempts.any? { |attempt| attempt.result != "spoilt" } || runs.any?(&:laid?)

  # @param now [Time]
  def locked?(now) = laid? && (unlocked_at.nil? || now - unlocked_at > UNLOCKED_S)

  def title = artwork ? artwork.name : "New mark"

  def run = runs.last

  def placed? = !placed_at.nil? && !width_mm.nil? && !artwork.nil?

  # The same mark, to be changed and asked, and never kept.
  # @return [Mark]
  def tried
    copy = Mark.instantiate(attributes_for_database)
    {piece: piece, artwork: artwork, attempts: attempts.to_a, runs: runs.to_a}
      .each { |name, known| copy.association(name).target = known }
    copy.tap(&:readonly!)
  end

  # What looking at it found, which is no decision of the maker's.
  # @param summary [Hash]
  def keep_looked(summary)
    ApplicationRecord.change { update_columns(checked: summary) } unless checked == summary
  end

  private

  # sizes in a recipe are millimetres: a mark made larger is prepared again
  def prepare_change
    forget_design
    design.prepare_again
  end
end
