# frozen_string_literal: true

module Actions
  # The same mark made sooner: by its method's other schools, with fewer coats, under
  # the sealer that is soonest cured.
  module QuickerWays
    module_function

    # @param mark [Mark] not begun
    # @return [Array<Array(String, Array<UpClose::Methods::Step>)>] in words, and its steps
    def call(mark)
      climate = ShopTime.current.climate
      (schools(mark) + coats(mark) + sealers(mark)).map do |words, steps|
        prints, pieces = mark.setting.copies, mark.setting.pieces
        [words, UpClose::Rounds.written_out(steps.map { |step| climate.call(step) }, prints: prints, pieces: pieces)]
      end
    end

    def schools(mark)
      mark.method_core.choices.flat_map do |choice|
        (choice.options.keys - [mark.setting.picked[choice.key]]).map do |option|
          setting = mark.setting.with(picked: mark.setting.picked.merge(choice.key => option), own: nil)
          [
            "#{choice.title.downcase}: #{choice.options[option].first}",
            UpClose::WholeWork.call(mark.sealer_core, setting)
          ]
        end
      end
    end

    def coats(mark)
      fewest, now = mark.sealer_core.fewest, mark.coats_wanted
      return [] unless fewest < now
      [[
        "#{fewest} coats of #{mark.sealer_core.title.downcase} instead of #{now}, which holds less long",
        sealed(mark, mark.sealer_core, fewest)
      ]]
    end

    def sealers(mark)
      fit = UpClose::Sealing.all.reject do |s|
        s == mark.sealer_core ||
          s.coats.zero? ||
          s.finding(residue: mark.setting.left, material: mark.piece.material_core).stop?
      end
      soonest = fit.min_by(&:cure_s)
      return [] unless soonest && mark.sealer_core.coats.positive? && soonest.cure_s < mark.sealer_core.cure_s
      [["#{soonest.title.downcase} instead, cured sooner", sealed(mark, soonest, nil)]]
    end

    def sealed(mark, sealer, coats) = UpClose::WholeWork.call(sealer, mark.setting.with(coats: coats))
  end
end
