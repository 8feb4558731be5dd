# frozen_string_literal: true

# How a mark is etched: its metal, the depth and bath kept with it or typed over them, and what comes of that.
class MarkEtching
  # deep enough to be felt and to hold colour; on a copper-clad board, through its copper
  USUAL_DEPTH_MM = 0.1

  # @param mark [Mark]  @param typed [Hash, nil] as MarkEtching#to_h has it, over what is kept
  def initialize(mark, typed: nil)
    @mark = mark
    @kept = typed || mark.etching.transform_keys(&:to_sym)
  end

  # @return [UpClose::Etching::Metal, nil] nil for a piece that no bath eats
  def metal = UpClose::Etching::Metal::ALL.find { |found| found.key == @mark.piece.material }

  # it is to be etched, and a bath eats it
  def etched? = @mark.afterwards == "etch" && !metal.nil?

  # @return [Array<Class>] baths that suit, the weakest first
  def baths = UpClose::Etching::Baths.for(metal)

  # @return [Array<Class>] baths that do not
  def refused = UpClose::Etching::Baths.all - baths

  def bath = baths.find { |found| found.key == @kept[:bath] } || baths.first

  def depth_mm = @kept[:depth_mm] || USUAL_DEPTH_MM

  def temperature_c = @kept[:temperature_c] || UpClose::Etching::Bath::TOLD_C

  def motion = (@kept[:motion] || "moved").to_sym

  def strip_um = @kept[:strip_um]

  def strip_min = @kept[:strip_min]

  # @return [UpClose::Etching::StripTest, nil]
  def strip
    strip_um && strip_min && UpClose::Etching::StripTest.new(depth_mm: strip_um / 1000.0, seconds: strip_min * 60.0)
  end

  # bare metal of all pieces: as typed, or their faces less what the resist covers; backs and edges are taped
  # @return [Float] mm²
  def area_mm2 = @kept[:area_mm2] || [face_mm2 - covered_mm2, 1.0].max

  def area_typed? = !@kept[:area_mm2].nil?

  # @return [UpClose::Working]
  def area_working
    return UpClose::Working.new("as you typed it") if area_typed?
    number = UpClose::Working.method(:number)
    UpClose::Working.new(
      "#{number.call(face_mm2, 0)} − #{number.call(covered_mm2, 0)} = #{number.call(area_mm2, 0)} mm²",
      source: "the faces of all pieces, less what the resist covers; backs and edges taped"
    )
  end

  # @return [UpClose::Etching::Undercut]
  def undercut = UpClose::Etching::Undercut.new(depth_mm)

  # @return [UpClose::Etching::InBath]
  def in_bath
    UpClose::Etching::InBath.new(
      bath: bath, metal: metal, temperature_c: temperature_c, motion: motion, area_mm2: area_mm2, strip: strip
    )
  end

  # @return [Float] seconds in the bath
  def time_s = in_bath.time_s(depth_mm)

  # @return [Array<Float>] seconds of each
  def laps = UpClose::Etching::Laps.of(time_s)

  # the artwork's thinnest line and gap, at the size it has now
  # @return [Float, nil] mm
  def line_mm = @mark.work.grown("finest_mm")

  def gap_mm = @mark.work.grown("gap_mm")

  # what is kept
  # @return [Hash]
  def to_h = @kept.slice(:depth_mm, :bath, :temperature_c, :motion, :area_mm2, :strip_um, :strip_min).compact

  private

  def face_mm2 = @mark.piece.coated_mm2

  def covered_mm2
    return 0.0 unless @mark.width_mm
    @mark.width_mm * @mark.height_mm * (@mark.checked&.fetch("coverage", nil) || 0) * @mark.good_wanted
  end
end
