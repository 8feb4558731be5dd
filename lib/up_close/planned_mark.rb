# frozen_string_literal: true

module UpClose
  # All that a maker has decided about one mark on one piece, and all that the shop knows that bears on it. It never
  # changes: +with+ answers the same mark with something else decided, and what comes of that. Read from a shop's
  # records or from a request (MarkRequest); pages and verbs ask this alone.
  class PlannedMark
    include PlannedSteps

    # what it is put together from
    PARTS = {piece: OnPiece, artwork: Artwork, way: Way, place: Place, numbers: Numbers, shop: Shop}.freeze
    # the part that each thing decided or known belongs to
    FIELDS = PARTS.flat_map { |name, part| part.members.map { |field| [field, name] } }.to_h.freeze

    attr_reader(*PARTS.keys)

    FIELDS.each { |field, part| define_method(field) { public_send(part)[field] } }

    # @param piece [OnPiece]  @param artwork [Artwork]  @param way [Way]  @param place [Place]
    # @param numbers [Numbers]  @param shop [Shop]
    def initialize(piece:, artwork: Artwork.new, way: Way.new, place: Place.new, numbers: Numbers.new, shop: Shop.new)
      @piece, @artwork, @way, @place, @numbers, @shop = piece, artwork, way, place, numbers, shop
    end

    # The same, but for what is given.
    # @param changes [Hash] members of any of its parts
    # @return [PlannedMark]
    # @raise [ArgumentError] for what is no member of a part
    def with(**changes)
      unknown = changes.keys - FIELDS.keys
      raise ArgumentError, "no part of a mark: #{unknown.join(", ")}" if unknown.any?
      parts = changes.group_by { |field, _| FIELDS[field] }
        .to_h { |name, fields| [name, PARTS[name].new(**public_send(name).to_h, **fields.to_h)] }
      PlannedMark.new(**to_h, **parts)
    end

    # @return [Hash{Symbol => Value}] its parts
    def to_h = PARTS.keys.to_h { |name| [name, public_send(name)] }

    # @param other [Object]  @return [Boolean] whether all that is decided and known is the same
    def ==(other) = other.is_a?(PlannedMark) && to_h == other.to_h
    alias_method :eql?, :==

    def hash = to_h.hash

    def width_mm = placement&.width_mm

    def height_mm = width_mm && ink && width_mm * ink.aspect

    # whether it has an artwork and a size
    def sized? = !width_mm.nil? && !ink.nil?

    # how large it is, for times and amounts; the usual size while it has none
    # @return [Methods::MarkSize]
    def size
      return Methods::MarkSize::USUAL unless sized?
      Methods::MarkSize.new(
        width_mm: width_mm, height_mm: height_mm, coverage: found.coverage, line_mm: grown(:line_mm)
      )
    end

    # a length found when its artwork was looked at, at the size it has now
    # @param name [Symbol] of Found::LENGTHS  @return [Float, nil] mm
    def grown(name) = found.grown(name, width_mm)

    # what its method is carried out with
    # @return [Methods::MethodChoice, nil] nil before a method is chosen
    def setting
      return unless transfer_method
      @setting ||= Methods::MethodChoice.new(
        method: transfer_method, printer: printer, stock: stock, picked: picked, own: own_steps, material: material,
        finish: finish, copies: copies, pieces: pieces, purpose: purpose, afterwards: afterwards, work_s: work_s,
        work_finish: work_finish, work_bath: work_bath, size: size, coat_mm2: Surfaces.coated_mm2(shape),
        border_mm: border_mm, tray: tray, coats: coats
      )
    end

    # which way round it is printed
    # @return [Methods::Orientation, nil]
    def reading
      return unless transfer_method
      Methods::Orientation.new(transfer_method, seen_through: seen_through, override: turned, picked: picked)
    end

    # what is asked of any method, whichever is chosen: the use, the room, the size; the artwork's finest line, greys
    # and colours
    # @return [Hash] as Suitability::Situation and Comparison take it
    def wanted
      {
        use: uses, fumes: fumes, finest_mm: grown(:finest_mm), mostly_over_mm: grown(:mostly_over_mm),
        tones: found.tones == true, size_mm: (sized? ? [width_mm, height_mm] : nil), palette: found.palette,
        climate: climate, book: book, show_through: show_through
      }
    end

    # what the rules look at
    # @return [Suitability::Situation, nil]
    def situation
      return unless transfer_method
      @situation ||= Suitability::Situation.new(
        method: transfer_method, printer: printer, stock: stock, material: material, finish: finish, colour: colour,
        more_colours: more_colours, grit: grit, sealer: sealer, setting: setting, purpose: purpose,
        printers: printers, **wanted
      )
    end

    # @return [Placing::FitSearch] the room round it
    def room
      @room ||= Placing::FitSearch.new(shape: shape, ink: ink, placement: placement, clearance_mm: clearance_mm)
    end

    # @return [Array<Placing::PencilLines::Line>]
    def pencil_lines(writer) = Placing::PencilLines.new(shape: shape, placement: placement, writer: writer).call

    # what the rules say of this way here
    # @return [Array<Finding>]
    def suitability = @suitability ||= Suitability.findings(situation)

    # @return [Array<Finding>] what speaks for and against this way here
    def findings = @findings ||= [*suitability, *Rounds.finding(lots, lot_sizes)]

    # @return [Sheets::Spares] the one chance of this way
    def spares
      @spares ||= Sheets::Spares.new(
        setting.pieces,
        start: setting.transfer_method.chance_with(setting.stock),
        factors: Sheets::Spares.factors_of(findings) + own_factors,
        **ways.of(setting.transfer_method.key, setting.printer, setting.stock.key),
        on_a_miss: setting.transfer_method.on_a_miss
      )
    end

    # @return [Costing::Estimate]
    def estimate
      Costing::Estimate.new(
        [*priced.lines(setting), *priced.sealing(setting, sealer.steps(setting))],
        chance: spares.chance, hour_cents: hour_cents, hands_s: hands_each_s
      )
    end

    # @return [Costing::Priced]
    def priced
      @priced ||= Costing::Priced.new(
        prices, size: size, paper: paper, allowances: allowances, coverage: found.coverage
      )
    end

    private

    # what this shop's own tries speak against it
    def own_factors
      book.chance_factors(
        setting.transfer_method.key, {grit: grit, temperature_c: climate&.temperature_c, size_mm: size_side_mm}
      )
    end

    def size_side_mm = (width_mm if sized?)
  end
end
