# frozen_string_literal: true

module Actions
  # What puts a mark's first open stop right. Each change is tried on the mark before it is offered, and kept nowhere:
  # offered is what makes that stop go and brings no other.
  module Remedies
    # One change that could be made. +key+ names it among all that are tried; +words+ stand on its button; +does+
    # changes a mark that is not kept yet.
    Change = UpClose::Value.define(:key, :words, :does)
    # One that was tried: +told+ is what comes of it, +chance+ of 1 or nil before a method is chosen.
    Offer = UpClose::Value.define(:key, :words, :told, :chance)

    MOST_TRIALS, MOST_OFFERED = 40, 3
    # seconds: till something is found, and where something is
    MOST_S, ENOUGH_S = 5.0, 1.5
    KEPT = Shelves::LruCache.new(most: 60)
    # where changes come from: what alters least first, and for what is too fine or too coarse what is about that
    SOURCES = %i[Sheets Variants Sealers Preparing Sizes OtherMethods].freeze
    OF_FINENESS = %i[Preparing Sizes Sheets Variants OtherMethods].freeze
    OF_SIZE = %i[Preparing Sizes].freeze
    # for what vanishes on the piece: white film under dark letters would be a patch, so white letters come first
    OF_LOOK = [:WhiteWays, *SOURCES].freeze
    LOOK = "look"

    module_function

    # @param mark [Mark]
    # @return [Array<Offer>] the best first; empty where nothing that can be tried helps
    def offers(mark)
      stop = mark.stops.open.first or return []
      KEPT.fetch(named(mark)) { found(mark, stop) }
    end

    # @return [Array<Offer>, nil] nil while they were not looked for as the shop is now
    def at_hand(mark) = KEPT.at_hand(named(mark))

    # makes one of those that are offered now
    # @return [Boolean] whether it is
    def take(mark, key)
      return false if offers(mark).none? { |offer| offer.key == key }
      stop = mark.stops.open.first
      change = changes(mark, stop).find { |one| one.key == key }
      HistoryEntry.called("put right “#{stop.title.downcase}” on #{mark.title}: #{change.words}")
      change.does.call(mark)
      mark.change
      LookAtArtwork.once(mark.reload)
      true
    end

    # any change in the shop may change what helps
    def named(mark) = [mark.id, ChangeCount.counts]

    # what is laid already keeps its artwork and its size
    # @return [Enumerator::Lazy<Change>]
    def changes(mark, stop)
      sources = (stop.key == LOOK) ? OF_LOOK : SOURCES
      sources = OF_FINENESS if stop.stage == "artwork" && stop.key != LOOK
      sources -= [*OF_SIZE, :WhiteWays] if mark.laid?
      sources.lazy.flat_map { |source| const_get(source).call(mark, stop) }
    end

    def found(mark, stop)
      before, began = Trial.new(mark).outcome, clock_s
      offered = []
      changes(mark, stop).first(MOST_TRIALS).each do |change|
        break if offered.size >= MOST_OFFERED || clock_s - began > (offered.any? ? ENOUGH_S : MOST_S)
        offered << tried(mark, change, stop, before)
        offered.compact!
      end
      offered.freeze
    end

    # @return [Offer, nil]
    def tried(mark, change, stop, before)
      trial = mark.tried
      change.does.call(trial)
      after = Trial.new(trial).outcome(stop, before) or return
      Offer.new(change.key, change.words, told(mark, trial, before, after), after.chance)
    rescue UpClose::Error
      nil
    end

    # "ΔE 38, 77 in 100 succeed; then watch: the ground"
    def told(mark, trial, before, after)
      was, now = [mark, trial].map { |one| one.width_mm.round(2) }
      parts = [("#{UpClose::Working.number(now)} mm wide then, for #{UpClose::Working.number(was)}" if was != now)]
      parts << "as #{trial.purpose_core.title.sub(/\A./, &:downcase)} then" if trial.purpose != mark.purpose
      parts << "#{(after.chance * 100).round} in 100 succeed" if after.chance
      left = after.stops.size
      parts << "#{left} more #{(left == 1) ? "stop" : "stops"} to put right then" if left.positive?
      more = (after.watched - before.watched).map(&:downcase)
      parts << "then watch: #{more.join(", ")}" if more.any?
      parts.compact.join("; ")
    end

    def clock_s = Process.clock_gettime(Process::CLOCK_MONOTONIC)
    private_class_method :named, :found, :tried, :told, :clock_s
  end
end
