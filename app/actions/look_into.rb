# frozen_string_literal: true

module Actions
  # What is found out of a try that went wrong. Each press is kept at once.
  module LookInto
    MOST_PLACES = 12

    module_function

    # a fault is there, or after all not
    # @param fault [String] a key of Record::FAULTS
    def toggle(attempt, fault)
      return unless UpClose::Record::FAULTS.key?(fault)
      change(attempt) do
        had = attempt.faults.include?(fault)
        {faults: had ? attempt.faults - [fault] : UpClose::Record::FAULTS.keys & [*attempt.faults, fault]}
      end
    end

    # where it failed: tapped on the drawing, or said in words; the same place again takes it away
    # @param x [Numeric] share of the mark's box, from its left  @param y [Numeric] from its top
    def tap(attempt, x, y)
      return unless [x, y].all? { |share| share.is_a?(Numeric) && share.between?(0, 1) }
      change(attempt) do
        {places: (attempt.places + [{"x" => x.round(4), "y" => y.round(4)}]).last(MOST_PLACES)}
      end
    end

    # @param place [String] a key of Diagnosis::Facts::PLACES
    def name_place(attempt, place)
      return unless UpClose::Diagnosis::Facts::PLACES.key?(place.to_sym)
      change(attempt) do
        had = attempt.places.find { |marked| marked["where"] == place }
        {places: had ? attempt.places - [had] : (attempt.places + [{"where" => place}]).last(MOST_PLACES)}
      end
    end

    # @param number [Integer] which ring, from 1
    def drop(attempt, number)
      change(attempt) do
        rings = attempt.places.select { |marked| marked["x"] }
        {places: attempt.places - [rings[number - 1]].compact} if number.between?(1, MOST_PLACES)
      end
    end

    # @param answer [String, nil] nil takes it back
    def answer(attempt, question, answer)
      asked = UpClose::Diagnosis::Questions.find(question) or return
      change(attempt) do
        asked.answers.key?(answer) ? {answers: attempt.answers.merge(question => answer)} :
          {answers: attempt.answers.except(question)}
      end
    end

    # the maker says which it was; the same again takes it back
    def cause_found(attempt, cause)
      return unless UpClose::Diagnosis::Causes.find(cause)
      change(attempt) { {cause: (attempt.cause == cause) ? nil : cause} }
    end

    # rings drawn from a photo: the largest spots, and how small one may be drawn
    MOST_RINGS = 6
    LEAST_REACH = 0.03

    # A photo of it: kept in any case; laid over what was printed where it can be.
    # @param bytes [String]
    # @return [UpClose::Error, nil] why it cannot be laid over
    def photo(attempt, bytes)
      shown = NoteRun.keep_photo(bytes)
      change(attempt) { {photo: shown} }
      told = Workers.call(outcome_of(attempt, bytes), :told)
      change(attempt) { told_of(attempt, told) }
      nil
    rescue UpClose::Error => error
      error
    end

    # the photo that is kept, by corners that were tapped
    # @param form [Forms::CornersForm] gets the refusal
    # @return [Boolean]
    def corners(attempt, form)
      return false unless form.ok? && attempt.photo
      bytes = Shelves::OriginalStore.new(Settings.originals).get(attempt.photo)
      told = Workers.call(outcome_of(attempt, bytes), :told, **form.values.slice(:corners))
      change(attempt) { told_of(attempt, told) }
      true
    rescue UpClose::Error => error
      form.errors[:corners] = error.sentence
      false
    end

    # what the invented bench leaves when it goes wrong
    # @return [UpClose::Error, nil]
    def simulated(attempt)
      leaves = Devices::Simulated::Bench.leaves(
        attempt.method_key, attempt.material, attempt.id, missing: 0.05, spot_mm: attempt.mark.width_mm / 14
      )
      before_camera = Devices::Simulated::PhotographedMark.new(
        drawn: attempt.mark.design.drawn, width_mm: attempt.mark.width_mm
      )
      photo(attempt, Workers.call(before_camera, :taken, leaves, seed: attempt.id))
    end

    def outcome_of(attempt, bytes)
      Shelves::OutcomePhoto.new(bytes: bytes, drawn: attempt.mark.design.drawn, width_mm: attempt.mark.width_mm)
    end

    # what the maker tapped or said stays; what an earlier photo ringed goes
    def own_places(attempt) = attempt.places.reject { |place| place["r"] }

    # @return [Hash] columns
    def told_of(attempt, told)
      rings = told[:spots].first(MOST_RINGS).map { |spot|
        {"x" => spot[:x].round(4), "y" => spot[:y].round(4), "r" => [spot[:r], LEAST_REACH].max.round(4)}
      }
      named = told[:places].map { |place| {"where" => place.to_s} }
      {
        seen: told[:seen], places: (own_places(attempt) | rings | named).first(MOST_PLACES),
        faults: UpClose::Record::FAULTS.keys & (attempt.faults | told[:faults])
      }
    end

    MOST_LETTERS = 2000

    def note(attempt, words) = change(attempt) { {note: words.to_s.strip[0, MOST_LETTERS]} }

    # @yieldreturn [Hash, nil] columns
    def change(attempt)
      ApplicationRecord.change do
        attempt.lock!
        values = yield
        attempt.update!(values) if values
      end
      attempt
    end
    private_class_method :change, :outcome_of, :own_places, :told_of
  end
end
