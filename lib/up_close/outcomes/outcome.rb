# frozen_string_literal: true

require "vips"

module UpClose
  module Outcomes
    # What a photo shows of a mark. Frozen once it is read.
    class Outcome
      # how much of its ground's light full ink takes: toner is not quite black
      FULL = 0.8
      LEAST_FULL = 0.15
      # printed so dark, to be asked at all; and of those places, below which share the level lies
      ASKED = 90
      EXCEEDED = 0.62
      # mm from any ink: bare ground
      BARE_MM = 0.8
      # what a fault is told from
      FAULTS = {missing: 0.01, faint: 0.6, haze: 0.15, tint: 5.0, shift_mm: 0.2}.freeze

      attr_reader :seen, :places, :spots, :likeness, :corners

      # @param image [Vips::Image] the photo, upright  @param artwork [Artwork::Drawing, Artwork::Picture]
      # @param width_mm [Float]  @param corners [Array<Array(Float, Float)>, nil] of the mark's box, pixels
      def initialize(image, artwork, width_mm:, corners: nil)
        @printed = Printed.new(artwork, width_mm: width_mm)
        colour = image.has_alpha? ? image.flatten(background: 255) : image
        @colour = colour.colourspace(:srgb).extract_band(0, n: 3).cast(:uchar)
        grey = Graphics::Pixels.held(@colour.colourspace(:"b-w").cast(:uchar))
        registration = Registration.new(grey, @printed, corners: corners)
        @map, @likeness = registration.map, registration.likeness
        @corners = @printed.corners.map { |p| @map.apply(p).to_a }
        look
      end

      # @return [Array<String>] of Record::FAULTS, as far as a photo tells
      def faults
        [
          ("missing-spots" if seen[:missing_share] > FAULTS[:missing]), ("faint" if @strength < FAULTS[:faint]),
          ("smeared" if seen[:shift_mm] > FAULTS[:shift_mm]), ("haze" if seen[:haze] > FAULTS[:haze]),
          ("yellowed" if seen[:tint] > FAULTS[:tint])
        ].compact
      end

      # @return [Hash] plain, for pages and the command line
      def to_h
        {
          seen: seen, places: places, faults: faults, likeness: likeness, corners: corners,
          spots: spots.map { |spot| {x: spot.x, y: spot.y, r: spot.r, area_mm2: spot.area_mm2} }
        }
      end

      # the mark laid flat, the mark's own box and a little round it
      # @return [String] PNG
      def straightened = @flat.pngsave_buffer(compression: 3)

      private

      def look
        @flat = laid_flat
        grey = @flat.colourspace(:"b-w").cast(:float)
        ground = ground(grey)
        relative = Graphics::Pixels.held(grey / (ground < 8).ifthenelse(8, ground))
        full = full_ink(relative)
        there = Graphics::Pixels.held((relative * -1 + 1) / full)
        missing = Missing.new(@printed, there)
        @spots, @places = missing.spots, missing.places
        @strength = strength(there, missing)
        @seen = {
          missing_share: missing.share, spots: missing.spots.size, largest_mm: missing.largest_mm,
          shift_mm: Doubled.new(@printed, there).shift_mm, haze: (1 - full / FULL).clamp(0.0, 1.0),
          tint: tint
        }.freeze
      end

      def laid_flat
        a, b, c, d, e, f, g, h, i = @map.values
        xy = Vips::Image.xyz(@printed.width, @printed.height)
        x, y = xy[0] + 0.5, xy[1] + 0.5
        w = x * g + y * h + i
        from = ((x * a + y * b + c) / w).bandjoin((x * d + y * e + f) / w) - 0.5
        Graphics::Pixels.held(
          @colour.mapim(from, interpolate: Vips::Interpolate.new(:bilinear), extend: :copy).cast(:uchar)
            .copy(interpretation: :srgb)
        )
      end

      # how light the ground is at each place, from the bare ground about it
      def ground(grey)
        bare = bare_ground / 255.0
        far = [@printed.width, @printed.height].max / 8.0
        small = 0.125
        light, weight = [grey * bare, bare].map { |image| image.resize(small, kernel: :linear).gaussblur(far * small) }
        known = light / (weight < 1e-4).ifthenelse(1e-4, weight)
        whole = grey.cast(:uchar).percent(80)
        smooth = (weight < 0.002).ifthenelse(whole, known)
        smooth.resize(@printed.width / smooth.width.to_f, vscale: @printed.height / smooth.height.to_f, kernel: :linear)
          .crop(0, 0, @printed.width, @printed.height)
      end

      # How much of its ground's light full ink takes here: of all places that are printed, each by its own tone, the
      # share that a good third of them exceed. What is missing does not lower it.
      def full_ink(relative)
        printed = @printed.tone > ASKED
        share = (relative * -1 + 1) * 255.0 / (@printed.tone < 1).ifthenelse(1, @printed.tone)
        counts = printed.ifthenelse((share * 200).cast(:uchar), 255).hist_find.to_a.flatten.first(255)
        wanted, so_far = counts.sum * EXCEEDED, 0
        level = counts.index { |number| (so_far += number) >= wanted } || 0
        [level / 200.0, LEAST_FULL].max
      end

      # mean darkness of what came over, of what was wanted
      def strength(there, missing)
        ink = (@printed.tone > 60) / 255.0
        wanted = (@printed.tone.cast(:float) * ink).avg
        had = (there * ink * 255).avg
        (wanted * (1 - missing.share)).positive? ? had / (wanted * (1 - missing.share)) : 1.0
      end

      # far enough from any ink
      # @return [Vips::Image] a mask
      def bare_ground
        @bare_ground ||= begin
          inked = Graphics::Pixels.held((@printed.tone > 20).resize(0.5, kernel: :linear) > 0)
          away = inked.fill_nearest(distance: true).last["distance"] > BARE_MM * @printed.per_mm / 2
          Graphics::Pixels.held(
            away.resize(@printed.width / away.width.to_f, vscale: @printed.height / away.height.to_f, kernel: :nearest)
              .crop(0, 0, @printed.width, @printed.height)
          )
        end
      end

      # how much yellower the bare ground within the mark is than round it: Δb*
      def tint
        lab = @flat.colourspace(:lab)
        bare = bare_ground
        inside = own_box & bare
        outside = own_box.invert & bare
        return 0.0 if [inside, outside].any? { |mask| mask.avg < 2 }
        within, round = [inside, outside].map { |mask| (lab[2] * (mask / 255.0)).avg / (mask.avg / 255.0) }
        within - round
      end

      def own_box
        room = @printed.room
        Vips::Image.black(@printed.width, @printed.height)
          .draw_rect(255, room, room, @printed.width - 2 * room, @printed.height - 2 * room, fill: true)
      end
    end
  end
end
