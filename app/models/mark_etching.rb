# frozen_string_literal: true

# How a mark is etched: its metal, the depth and bath kept with it or typed over them, and what comes of that.
class MarkEtching
  # deep enough to be felt and to hold colour; on a copper-clad board, through its copper
  USUAL_DEPTH_MM = 0.1
  # a sheet as it is usually bought; a bench supply
  USUAL_THICK_MM = 1.0
  USUAL_LIMIT_A = 1.0
  KEPT = %i[
    depth_mm by bath temperature_c motion area_mm2 open_back thick_mm limit_a strip_um strip_min strip_by finish
  ].freeze

  # @param mark [Mark]  @param typed [Hash, nil] as MarkEtching#to_h has it, over what is kept
  def initialize(mark, typed: nil)
    @mark = mark
    @kept = typed || mark.etching.transform_keys(&:to_sym)
  end

  # @return [UpClose::Etching::Metal, nil] nil for a piece that no bath eats
  def metal = UpClose::Etching::Metal::ALL.find { |metal| metal.key == @mark.piece.material }

  # it is to be etched, and a bath eats it
  def etched? = @mark.afterwards == "etch" && !metal.nil?

  # @return [Array<Class>] baths that suit, the weakest first
  def baths = UpClose::Etching::Baths.for(metal)

  # @return [Array<Class>] baths that do not
  def refused = UpClose::Etching::Baths.all - baths

  def bath = baths.find { |bath| bath.key == @kept[:bath] } || baths.first

  # what eats it: a bath, or current
  # @return [#cautions]
  def bath_used = by_current? ? UpClose::Etching::Current : bath

  def depth_mm = @kept[:depth_mm] || USUAL_DEPTH_MM

  def temperature_c = @kept[:temperature_c] || UpClose::Etching::Bath::TOLD_C

  def motion = (@kept[:motion] || "moved").to_sym

  def strip_um = @kept[:strip_um]

  def strip_min = @kept[:strip_min]

  # by which means that strip was etched
  def strip_by = @kept[:strip_by]

  # a strip tells only of the way it was etched itself
  # @return [UpClose::Etching::StripTest, nil]
  def strip
    return unless (@kept[:strip_by] || "bath") == (by_current? ? "current" : "bath")
    strip_um && strip_min && UpClose::Etching::StripTest.new(depth_mm: strip_um / 1000.0, seconds: strip_min * 60.0)
  end

  # bare metal of all pieces: as typed, or counted
  # @return [Float] mm²
  def area_mm2 = @kept[:area_mm2] || counted.mm2

  def area_typed? = !@kept[:area_mm2].nil?

  # back and edges are not taped
  def open_back? = @kept[:open_back] == true

  def thick_mm = @kept[:thick_mm] || USUAL_THICK_MM

  # @return [UpClose::Working]
  def area_working = area_typed? ? UpClose::Working.new("as you typed it") : counted.working

  # by current, not by a bath alone
  def by_current? = @kept[:by] == "current" && metal.current_refusal.nil?

  # the most that the supply gives, A
  def limit_a = @kept[:limit_a] || USUAL_LIMIT_A

  # what is done to the plate when it is etched
  # @return [Class, nil] an UpClose::EtchFinishes::Finish
  def finish = finishes.find { |suits| suits.key == @kept[:finish] }

  # @return [Array<Class>]
  def finishes = UpClose::EtchFinishes.for(metal&.key)

  # @return [UpClose::Etching::Undercut]
  def undercut = UpClose::Etching::Undercut.new(depth_mm)

  # @return [UpClose::Etching::InBath]
  def in_bath
    UpClose::Etching::InBath.new(
      bath: bath, metal: metal, temperature_c: temperature_c, motion: motion, area_mm2: area_mm2, strip: strip
    )
  end

  # @return [UpClose::Etching::Current]
  # @raise [UpClose::Errors::Unsuitable]
  def current
    amps = UpClose::Etching::Current.within(limit_a, metal: metal, area_mm2: area_mm2)
    plain = UpClose::Etching::Current.new(metal: metal, amps: amps, area_mm2: area_mm2)
    return plain unless strip
    share = strip.factor(plain.depth_mm(strip.seconds)) * plain.efficiency
    UpClose::Etching::Current.new(metal: metal, amps: amps, area_mm2: area_mm2, efficiency: [share, 1.0].min)
  end

  # @return [UpClose::Etching::InBath, UpClose::Etching::Current]
  def means = by_current? ? current : in_bath

  # @return [Float] seconds in the bath
  def time_s = means.time_s(depth_mm)

  # @return [Array<Float>] seconds of each
  def laps = UpClose::Etching::Laps.of(time_s)

  # the artwork's thinnest line and gap, at the size it has now
  # @return [Float, nil] mm
  def line_mm = @mark.planned.grown(:finest_mm)

  def gap_mm = @mark.planned.grown(:gap_mm)

  # what is kept
  # @return [Hash]
  def to_h = @kept.slice(*KEPT).compact

  private

  def counted
    UpClose::Etching::BareArea.new(
      face_mm2: @mark.piece.coated_mm2, covered_mm2: covered_mm2, edge_mm: edge_mm, thick_mm: thick_mm,
      open_back: open_back?
    )
  end

  # round each piece's outline
  def edge_mm
    rings = @mark.piece.to_core.path.flatten(0.1).map(&:first)
    rings.sum { |ring| ring.each_with_index.sum { |point, i| point.distance(ring[i - 1]) } } * @mark.piece.count
  end

  def covered_mm2
    return 0.0 unless @mark.width_mm
    @mark.width_mm * @mark.height_mm * (@mark.checked&.fetch("coverage", nil) || 0) * @mark.good_wanted
  end
end
