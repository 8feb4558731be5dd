# frozen_string_literal: true

module Forms
  # Where a mark lies and how big. Of width, height and cap height the one the
  # maker changed decides; the shape is kept.
  class PlaceForm < Base
    FROM_CENTRE = (-2000.0..2000.0)

    # how its fields are called, and those that say one thing together
    CALLED = {"width" => "wide", "height" => "high", "cap" => "caps", "x" => "right", "y" => "down", "turn" => "turn",
              "clearance" => "keep from edge"}.freeze
    SIZES = %w[width height cap real].freeze
    DRAGGED = {"x_mm" => "x", "y_mm" => "y"}.freeze

    # @param mark [Mark]
    def initialize(typed, mark:, writer:)
      @mark = mark
      @writer = writer
      @seen = Seen.new(typed[Seen::FIELD], PlaceForm.fields(mark, writer))
      super(@seen.own(typed.to_h), unit: writer.unit)
      heed_seen
    end

    # @return [UpClose::Placing::Placement, nil]
    def placement
      return unless ok?
      UpClose::Placing::Placement.new(
        width_mm: values[:width_mm],
        x_mm: values[:x_mm],
        y_mm: values[:y_mm],
        turn_deg: values[:turn_deg]
      )
    end

    # what the fields show now
    def self.fields(mark, writer, placement = mark.placement)
      {
        "width" => writer.field(placement.width_mm),
        "height" => writer.field(placement.width_mm * mark.design.aspect),
        "cap" => mark.artwork.lettering? ? writer.field(placement.width_mm / mark.design.width_per_cap) : nil,
        "x" => writer.field(placement.x_mm),
        "y" => writer.field(placement.y_mm),
        "turn" => UpClose::Working.number(placement.turn_deg, 2).sub("−", "-"),
        "clearance" => writer.field(mark.clearance_mm)
      }.compact
    end

    private

    # what was changed both here and elsewhere; what was changed elsewhere alone stays
    def heed_seen
      here = @typed.keys.map { |name| DRAGGED.fetch(name, name) }
      here |= SIZES if here.intersect?(SIZES) && sized?
      both = @seen.changed & here
      errors[:overtaken] = @seen.sentence(both, words: CALLED) if both.any?
    end

    def sized? = SIZES.any? { |name| !@typed[name].to_s.strip.empty? }

    def read
      @shown = PlaceForm.fields(@mark, @writer)
      read_size
      offset("x", :x_mm)
      offset("y", :y_mm)
      read_turn
      kept("clearance", :clearance_mm, @mark.clearance_mm, 0.0..500.0)
    end

    # a real length at a model's scale stands before the rest
    def read_scale
      return if typed("real").to_s.strip.empty?
      ratio = UpClose::Measure::ModelScale.read(typed("ratio") || "1:48")
      length(:real, range_mm: 0.1..1e7)
      real = values.delete(:real) or return
      along = (typed("real_is") == "height") ? 1 / @mark.design.aspect : 1.0
      along = @mark.design.width_per_cap if typed("real_is") == "cap" && @mark.design.width_per_cap
      values[:ratio] = ratio.ratio
      ratio.model(real) * along
    rescue UpClose::Error => error
      refuse(error, :ratio)
      nil
    end

    def read_size
      scaled = read_scale
      return values[:width_mm] = scaled if scaled&.between?(0.05, 2000)
      if scaled
        errors[:real] = "At that scale it comes to #{UpClose::Working.number(scaled)} mm wide; 0.05 to 2000 can " \
          "be made."
      end
      name = %w[cap height width].find { |field| changed?(field) } || "width"
      return values[:width_mm] = @mark.width_mm unless changed?(name)
      length(name.to_sym)
      size = values.delete(name.to_sym) or return
      values[:width_mm] = {
        "width" => 1.0,
        "height" => 1 / @mark.design.aspect,
        "cap" => @mark.design.width_per_cap
      }[name] * size
      if values[:width_mm] > 2000
        errors[name.to_sym] = "That makes it #{UpClose::Working.number(values[:width_mm], 0)} mm wide; 2000 is " \
          "the most."
      end
    end

    def read_turn
      return values[:turn_deg] = @mark.turn_deg unless changed?("turn")
      angle(:turn)
      values[:turn_deg] = values.delete(:turn)
    end

    def changed?(field) = @typed.key?(field) && @shown.key?(field) && typed(field) != @shown[field]

    # a drag sends plain millimetres, fields send words
    def offset(field, name)
      dragged = Float(typed(name).to_s, exception: false)
      return values[name] = dragged.clamp(FROM_CENTRE.begin, FROM_CENTRE.end) if dragged&.finite?
      return values[name] = @mark.public_send(name) unless changed?(field)
      sign = typed(field).to_s.strip.match?(/\A[-−]/) ? -1 : 1
      text = typed(field).to_s.strip.sub(/\A[-−+]/, "").strip
      return values[name] = 0.0 if text.match?(/\A0*([.,]0+)?\s*(mm|in|cm|")?\z/) && text.match?(/0/)
      attempt(field.to_sym) do
        values[name] = sign * UpClose::Measure::LengthReader
          .new(unit: @unit, range_mm: 0.0..2000.0, field: field.to_sym)
          .read(text)
          .mm
      end
      values.delete(field.to_sym)
    end

    def kept(field, name, now, range)
      return values[name] = now unless changed?(field)
      return values[name] = 0.0 if typed(field).to_s.strip.match?(/\A0+([.,]0+)?\z/)
      length(field.to_sym, range_mm: range)
      values[name] = values.delete(field.to_sym)
    end
  end
end
