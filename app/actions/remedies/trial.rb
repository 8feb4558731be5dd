# frozen_string_literal: true

module Actions
  module Remedies
    # A mark as it would be judged: its method's rules first, which take no time, then its artwork, its place and its
    # sheet.
    class Trial
      # Names of what says stop; titles of what is to be watched; the chance. Frozen.
      Outcome = UpClose::Value.define(:stops, :watched, :chance)

      # @param mark [Mark] kept or not
      def initialize(mark)
        @mark = mark
      end

      # @param gone [MarkStops::Stop, nil] that must have gone  @param before [Outcome, nil] nothing new may say stop
      # @return [Outcome, nil] nil as soon as it is known not to help
      # @raise [UpClose::Error] where it cannot be made so
      def outcome(gone = nil, before = nil)
        return if gone && sure_rules.any? { |f| unwanted?("method.#{f.key}", gone, before) }
        looked = look
        names = [*@mark.stops.all.map(&:name), *place]
        return if gone && names.any? { |name| unwanted?(name, gone, before) }
        Outcome.new(names, [*looked, *rules].select(&:watch?).map(&:title).uniq, chance)
      end

      private

      def unwanted?(name, gone, before) = name == gone.name || !before.stops.include?(name)

      # what says stop whatever its artwork is found to be
      def sure_rules
        return [] unless @mark.method_key
        @mark.planned.with(found: UpClose::PlannedMark::Found.new).suitability.select(&:stop?)
      end

      def rules = @mark.method_key ? @mark.planned.suitability : []

      # looked at, and as if that had been kept
      def look
        return [] unless @mark.artwork && @mark.width_mm
        findings = @mark.design.findings
        @mark.checked = LookAtArtwork.summary_of(@mark, findings)
        findings
      end

      # off the piece, more strain than its sheet takes, too large for its paper
      def place
        return [] unless @mark.placement && @mark.artwork
        room, shape = @mark.room, @mark.shape_core
        [
          ("place.fits" unless @mark.covering.any? || room.fits?),
          ("place.strain" if shape.curved? && strained?(shape, room)),
          ("sheet.size" if @mark.method_key && too_large?)
        ].compact
      end

      def strained?(shape, room) = shape.findings(room.placed, UpClose::Measure::LengthWriter.new).any?(&:stop?)

      def too_large?
        @mark.pack && false
      rescue UpClose::Errors::DoesNotFit
        true
      end

      def chance = @mark.method_key && @mark.spares.chance
    end
  end
end
