# frozen_string_literal: true

module Actions
  # Picks a method, unless something refuses it.
  module ChooseMethod
    module_function

    # @param form [Forms::MethodForm] gets the refusal
    # @return [Boolean]
    def call(mark, form)
      return false unless form.ok?
      set(mark, **form.values.slice(:method_key, :printer, :stock, :picked, :reading))
      true
    rescue UpClose::Error => error
      form.errors[:method_key] = error.sentence
      false
    end

    # @param way [Hash] :method_key, :printer, :stock (its key), :picked (keys of schools), :reading
    # @raise [UpClose::Error] when something refuses it
    def set(mark, **way)
      mark.assign_attributes(way)
      check(mark)
      mark.sealer = sealer_that_suits(mark)
      mark.coats = nil if mark.sealer_changed?
      mark.change
    end

    # as it was done before on the same kind of piece: method, printer, stock, schools, finish
    # @param way [LikeLast::Way]
    # @return [UpClose::Error, nil] why not
    def like_last(mark, way)
      own = way.own_school_id && OwnSchool.find_by(id: way.own_school_id, method_key: way.method_key)
      mark.assign_attributes(
        method_key: way.method_key, printer: way.printer, stock: way.stock, reading: "auto",
        picked: way.schools.merge(own ? {"own_school" => own.id} : {})
      )
      check(mark)
      mark.sealer = way.sealer || sealer_that_suits(mark)
      mark.coats = way.coats if mark.sealer_core.coats.positive?
      mark.change
      nil
    rescue UpClose::Error => error
      mark.restore_attributes
      error
    end

    # the sealer is chosen later: it does not stand in the way here
    def check(mark)
      UpClose::Suitability.check!(
        mark.planned.with(
          sealer: nil, uses: [], more_colours: [], found: UpClose::PlannedMark::Found.new,
          **UpClose::PlannedMark::Shop.new(printers: Printer.kinds).to_h
        ).situation
      )
    end

    # a new method begins with the finish that is usual over it
    def sealer_that_suits(mark)
      own = mark.sealer unless mark.method_key_changed?
      keys = [own, usual_sealer(mark), *UpClose::Sealing.all.map(&:key)].compact
      keys.find do |key|
        !UpClose::Sealing.fetch(key).finding(residue: mark.setting.left, material: mark.piece.material_core).stop?
      end
    end

    # over a worked guide on what touches food, a finish sold for it; else as its purpose, or its method, is usually
    # finished
    def usual_sealer(mark)
      food = mark.setting.left == :worked && mark.piece.uses.include?("food")
      return for_food if food
      mark.purpose_core.usual_sealer || mark.method_core.seals_with
    end

    # the first that is sold for what touches food
    def for_food = UpClose::Sealing.all.find { |sealer| sealer.stands(:food)&.first == :fine }.key
  end
end
