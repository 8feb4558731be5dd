# frozen_string_literal: true

module Presenters
  # A strap round its piece and laid flat, or a cut-out over it, to one scale.
  class StrapStage
    WIDTH = 728
    HEIGHT = 590
    PAD = 34
    # above the flat strap: the front takes the rest
    GAP = 46

    attr_reader :register

    # @param mark [Mark]  @param register [MarkRegister]  @param writer [UpClose::Measure::LengthWriter]
    def initialize(mark, register, writer:)
      @mark, @register, @writer = mark, register, writer
    end

    def strap? = register.strap?

    def settings = register.settings

    def colour = @mark.piece.colour

    # for who does not see it
    def words = "A #{noun} for #{@mark.title} on #{@mark.piece.name}"

    # @return [String, nil] why there is none
    def refusal
      register.aid
      nil
    rescue UpClose::Error => error
      error.sentence
    end

    # what it is called
    def noun
      return "strap" if strap?
      register.aid.ring? ? "ring" : "cut-out"
    end

    def findings
      findings = register.findings(@writer)
      return findings unless strap? && @mark.method_key
      findings.insert(1, *@mark.shape_core.findings(@mark.room.placed, @writer, bent: @mark.design.bent?)
        .select { |finding| finding.key == :round })
    end

    def steps = register.steps(@writer)

    def field(name)
      value = register.settings[name]
      value.is_a?(Numeric) ? @writer.figure(value) : value
    end

    def joins = Array(register.settings[:joins]).map { |mm| @writer.figure(mm) }

    # pixels a millimetre, of both drawings
    def scale
      @scale ||= [(WIDTH - 2 * PAD) / across, (HEIGHT - 2 * PAD - (strap? ? GAP : 0)) / down].min
    end

    # @return [Array<Array(String, String)>] class and path, laid flat
    def flat
      register.aid.layers.flat_map { |layer, paths| paths.map { |path| [layer.downcase, d(path, flat_map)] } }
    end

    # @return [Array<Array(Float, Float, Float, String)>] x, y, turn, words
    def labels
      register.aid.labels.map do |label|
        point = flat_map.apply(label.at)
        [point.x.round(1), point.y.round(1), label.turn.round(1), label.words]
      end
    end

    # the piece from the front
    def front = strap? ? d(shape.front_outline, front_map) : d(shape.path, flat_map)

    # where the strap covers the front, and its handle
    def band
      top, foot = [@register.settings[:down_mm], @register.settings[:down_mm] + @register.settings[:high_mm]]
      corners = [[-1, top], [1, top], [1, foot], [-1, foot]].map { |side, height| front_at(side, height) }
      d(UpClose::Geometry::Path.polygon(corners), front_map)
    end

    # the film as it is seen, where it faces us
    # @return [Array<Array(Float, Float)>]
    def film_seen
      register.film.filter_map do |point|
        seen, faces = shape.front(point)
        faces ? front_map.apply(seen).to_a.map { |v| v.round(1) } : nil
      end
    end

    # @return [String, nil] the handle's outline, where it stands aside
    def handle_path
      return unless strap?
      side = {"right" => 1, "left" => -1}[register.settings[:handle]] or return
      top, foot = register.settings[:joins] || [wall.long * 0.18, wall.long * 0.8]
      from, to = [top, foot].map { |height| front_map.apply(front_at(side, height)) }
      out = side * scale * shape.front_box.width * 0.34
      "M#{n from.x} #{n from.y}C#{n(from.x + out * 1.3)} #{n(from.y - 6)} #{n(to.x + out * 1.3)} #{n to.y} " \
        "#{n to.x} #{n to.y}"
    end

    # rim to strap, and the strap itself; both ends
    # @return [Array<Dimension>]
    def dimensions
      return [] unless strap?
      low, high = register.settings.values_at(:down_mm, :high_mm)
      x = front_map.apply(front_at(-1, 0)).x.clamp(PAD, nil) - 26
      marks = [0, low, low + high].map { |down| front_map.apply(front_at(-1, down)).y }
      [
        *(Dimension.new([x - 40, marks[0]], [x - 40, marks[1]], @writer.figure(low)) if low > 0),
        Dimension.new([x, marks[1]], [x, marks[2]], @writer.figure(high))
      ]
    end

    # a millimetre of the wall, in pixels of the front's height: what a drag up or down comes to
    def px_per_mm = strap? ? (shape.front_box.height / wall.long * scale) : nil

    def scale_words
      larger = scale / (96 / 25.4)
      ratio = [[larger, 1].max, [1 / larger, 1].max].map { |share| UpClose::Working.number(share) }.join(" : ")
      "#{strap? ? "From the front, and laid flat below; both" : "From above,"} #{ratio}"
    end

    # whether it can be used
    def of_use? = refusal.nil? && findings.none?(&:stop?)

    private

    def shape = @mark.shape_core

    def wall = register.wall

    def across
      return register.aid.box.width unless strap?
      [register.aid.box.width, shape.front_box.width * 1.7].max
    end

    def down = register.aid.box.height + (strap? ? shape.front_box.height : 0)

    # where the wall's outline stands, from the front
    # @param side [Integer] -1 left, 1 right  @param down [Float] mm below the rim
    def front_at(side, down)
      height = shape.front_box.height
      UpClose::Geometry::Point[side * wall.diameter(down) / 2, (down / wall.long - 0.5) * height]
    end

    def front_map
      centred = UpClose::Geometry::Transform.scale(scale)
      centred.then(UpClose::Geometry::Transform.move(WIDTH / 2.0, PAD + shape.front_box.height * scale / 2))
    end

    def flat_map
      box = register.aid.box
      top = strap? ? HEIGHT - PAD - box.height * scale : (HEIGHT - box.height * scale) / 2
      UpClose::Geometry::Transform.move(-box.centre.x, -box.y).then(UpClose::Geometry::Transform.scale(scale))
        .then(UpClose::Geometry::Transform.move(WIDTH / 2.0, top))
    end

    def d(path, map) = UpClose::Formats::SVG::PathWriter.call(path.transform(map), places: 1)

    def n(value) = value.round(1)
  end
end
