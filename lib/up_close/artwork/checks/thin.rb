# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # What the two thinness checks have in common. The figure is the width that 99 % of the
      # length exceeds: it is under the limit when over 1 % of the length is, which is worth a
      # look; over 5 % of it, and the method does not carry the artwork (starting values). A few
      # lines that stand by themselves, as the rules of a label do, stop nothing where all else
      # carries. Where every place counts (a resist, a board), one place is enough.
      class Thin
        WATCH_SHARE = 0.01
        STOP_SHARE = 0.05
        # so many lines by themselves are rules or a frame, and no more than so much of the length: starting values
        FEW = 4
        MOST_APART = 0.5

        # @param subject [CheckContext]  @param name [Symbol] the limit: :line_mm or :gap_mm
        # @param what [String] "lines" or "gaps"  @param fails [String] what thin ones do, of a width
        # @param thicken [String] the remedy at single places
        def initialize(subject, key:, title:, name:, ground:, what:, fails:, thicken:)
          @subject, @key, @title, @name, @ground, @what = subject, key, title, name, ground, what
          @fails, @thicken = fails, thicken
        end

        def finding
          Finding.new(
            key: @key,
            title: @title,
            verdict: verdict,
            figure: figure,
            value: value,
            unit: "mm",
            limit: limit,
            working: working,
            reason: reason,
            remedy: remedy,
            places: below.first(MOST_PLACES).map(&:box)
          )
        end

        private

        def limits = @subject.limits

        def limit = limits[@name]

        def profile = @subject.thinness(ground: @ground)

        def survey = @ground ? @subject.thin_ground : @subject.thin_ink

        # what decides: where every place counts, and some are too thin, the thinnest of them; mm
        def value = @value ||= (place_decides? ? below.first.width_mm : nearly_all)

        # the width that 99 % of the length exceeds, mm
        def nearly_all = (profile.thinnest || profile.reached) * @subject.width_mm

        def place_decides? = limits[:every_place] && below.any? && below.first.width_mm < nearly_all

        def figure = (profile.thinnest || place_decides?) ? "#{two(value)} mm" : "over #{two(value)} mm"

        # nothing below a limit that there is not
        def below = @below ||= limit ? survey.below : []

        # of the length
        def share = @share ||= limit ? profile.share_below(limit / @subject.width_mm) : 0.0

        def verdict
          return :fine if limit.nil?
          worst = weighed
          (worst == :stop && limits[:advisory]) ? :watch : worst
        end

        def weighed
          return :stop if limits[:every_place] && (share > WATCH_SHARE || below.any?)
          return apart? ? :watch : :stop if share > STOP_SHARE
          (share > WATCH_SHARE || hole?) ? :watch : :fine
        end

        # a hole that closes, as that of a letter, however little of the length it is
        def hole? = @ground && below.any?(&:lone)

        # what is too thin are lines by themselves, few, and all else carries
        def apart?
          return false if @ground || limits[:every_place] || share > MOST_APART || apart.empty? || apart.size > FEW
          share - apart.sum(&:length_mm) / survey.total_length <= STOP_SHARE
        end

        # rules and frames, not strokes of letters
        def apart
          @apart ||= below.select do |place|
            place.lone && (place.box.width > @subject.width_mm * LONG ||
              place.box.height > @subject.proof.height_mm * LONG)
          end
        end

        # of the artwork's width, or its height
        LONG = 0.5
        private_constant :LONG

        def working
          against = limit ? ", against #{two(limit)}; #{percent(share)} of the length is narrower; over " \
            "#{percent(WATCH_SHARE)} watch, over #{percent(STOP_SHARE)} stop" : ""
          what = place_decides? ? "the thinnest of all places" : "the width that 99 % of the length exceeds"
          Working.new(
            "#{what}: #{figure}#{against}#{"; every place counts" if limits[:every_place]}",
            source: limit && limits.source(@name)
          )
        end

        def reason
          [
            width_words,
            thinnest_place,
            ("There is too much detail to check all of it." if profile.overfull? || survey.overfull?)
          ]
            .compact
            .join(" ")
        end

        def width_words
          return "Any width works: the pen draws its own line." if limit.nil?
          return "This method needs #{@what} of #{two(limit)} mm." if verdict == :fine
          return apart_words if share > STOP_SHARE && apart?
          many = (share < 0.005) ? "Some" : "#{percent(share)} of the length"
          "#{many} is narrower than #{two(limit)} mm: #{@fails}."
        end

        def apart_words
          lines = (apart.size == 1) ? "One line by itself" : "#{apart.size} lines by themselves"
          "#{lines}, #{percent(share)} of the length, #{(apart.size == 1) ? "is" : "are"} narrower than " \
          "#{two(limit)} mm, too thin for this method. All else carries."
        end

        # ringed, with its size and where it is
        def thinnest_place
          place = below.first or return
          middle = place.box.centre
          "Thinnest place #{two(place.width_mm)} mm, #{Working.number(middle.x, 1)} from the left and " \
          "#{Working.number(middle.y, 1)} from the top#{", of #{below.size} ringed" if below.size > 1}."
        end

        def remedy
          return if verdict == :fine
          return "Thicken #{(apart.size == 1) ? "it" : "them"}, or do without." if share > STOP_SHARE && apart?
          return "Check the ringed places under the loupe; #{@thicken} there." if share <= STOP_SHARE
          "Make it #{Working.number((@subject.width_mm * limit / value * 10).ceil / 10.0, 1)} mm wide or more, or " \
          "#{@thicken}."
        end

        def percent(share) = "#{Working.number(share * 100, 1)} %"

        def two(value) = Working.number(value)
      end
    end
  end
end
