# frozen_string_literal: true

module UpClose
  module Artwork
    module Thinness
      # How thin an artwork's lines (or gaps) are as shares of its own width, whatever size it is
      # printed at: it is looked at with one number of pixels, more only when its lines are too
      # fine for those. So every figure grows and shrinks exactly with the print.
      class Profile
        NOMINAL_MM = 100.0
        # a change of how it is looked at makes it be looked at anew
        VERSION = 3
        # pixels along the longer side, tried in turn
        SIDES_PX = [1200, 2400, 4800].freeze
        # lines finer than so many pixels are looked at again with more of them
        RESOLVED_PX = 4
        # the least disc that is laid into it, pixels
        LEAST_PX = 3
        # as much of the length as any verdict turns on
        LOOKED_SHARE = 0.06

        # @param artwork [Drawing, Picture]  @param ground [Boolean] the gaps instead of the ink
        # @param lightest [Float] as SizedRaster has it
        # @param kind [Kind, nil] what it is taken as
        # @return [Profile] worked out once for an artwork: of its ink and of its gaps at once, from the same pixels
        def self.of(artwork, ground:, lightest:, kind: nil)
          name = ->(which) { [:thinness, VERSION, which, lightest, kind&.key] }
          artwork.kept(name[ground]) do
            proofs = Hash.new { |all, side| all[side] = proof(artwork, side, lightest, kind) }
            artwork.kept(name[!ground]) { new(proofs, ground: !ground) }
            new(proofs, ground: ground)
          end
        end

        # @return [SizedRaster] with so many pixels along its longer side
        def self.proof(artwork, side, lightest, kind)
          longer_mm = NOMINAL_MM * [1.0, artwork.ink.aspect].max
          SizedRaster.new(artwork, width_mm: NOMINAL_MM, per_mm: side / longer_mm, lightest: lightest, kind: kind)
        end
        private_class_method :proof

        # @param proofs [#[]] side, pixels → SizedRaster
        def initialize(proofs, ground:)
          @survey = resolved(proofs, ground)
          # everything is worked out now: what is kept holds no pixels
          @thinnest, @reached = @survey.thinnest, @survey.widest_looked
          @stretches, @total, @overfull = @survey.stretches, @survey.total_length, @survey.overfull?
          remove_instance_variable(:@survey)
          freeze
        end

        # the width that 99 % of the length exceeds
        # @return [Float, nil] share of the artwork's width; nil when nothing is narrower than +reached+
        def thinnest = @thinnest && @thinnest / NOMINAL_MM

        # nothing wider has been looked for
        def reached = @reached / NOMINAL_MM

        # @param width [Float] share of the artwork's width
        # @return [Float] share of the whole length that is narrower, 0..1
        def share_below(width)
          return 0.0 if @total.zero?
          [@stretches.sum { |across, length| (across < width * NOMINAL_MM) ? length : 0 } / @total, 1.0].min
        end

        # The width that all but a share of the length exceeds.
        # @param share [Float] at most LOOKED_SHARE
        # @return [Float] share of the artwork's width; +reached+ when less than that is narrower
        def width_at(share)
          return reached if @total.zero?
          so_far = 0.0
          stretch = @stretches.sort_by(&:first).find { |_, length| (so_far += length) >= share * @total }
          stretch ? stretch.first / NOMINAL_MM : reached
        end

        def overfull? = @overfull

        private

        # with the fewest pixels that tell its lines; what is far too fine for some goes on to those that it needs
        def resolved(proofs, ground)
          side = SIDES_PX.first
          loop do
            proof = proofs[side]
            survey = Survey.new(proof, limit_mm: LEAST_PX / proof.per_mm, ground: ground, share: LOOKED_SHARE)
            thinnest = survey.thinnest
            return survey if thinnest.nil? || thinnest * survey.per_mm >= RESOLVED_PX || side == SIDES_PX.last
            wanted = side * RESOLVED_PX / (thinnest * survey.per_mm)
            side = SIDES_PX.find { |more| more > side && more >= wanted } || SIDES_PX.last
          end
        end
      end
    end
  end
end
