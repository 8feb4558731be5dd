# frozen_string_literal: true

module Presenters
  # What a mark can be for, and what each answer would mean for this piece.
  class PurposeStage
    # One answer: the purpose, why this piece does not take it, and what it leads to. Frozen.
    Answer = UpClose::Value.define(:purpose, :refusal, :methods, :chances, :works, keyword_init: true)

    # methods named
    NAMED = 3

    # @param mark [Mark]  @param form [Forms::PurposeForm, nil] as it was sent
    def initialize(mark, form: nil)
      @mark, @form = mark, form
    end

    # @return [Array<Answer>]
    def answers = @answers ||= UpClose::Purposes.all.map { |purpose| answer(purpose) }

    # the purpose that is ticked
    # @return [String]
    def chosen = @form&.typed(:purpose) || @mark.purpose_core&.key || UpClose::Purposes.all.first.key

    # the work that is ticked for a purpose
    # @return [String, nil]
    def work_of(answer)
      typed = @form&.typed("afterwards_#{answer.purpose.key}") || @mark.afterwards
      fitting = answer.works.reject { |_, refusal| refusal }.map { |work, _| work.key }
      fitting.include?(typed) ? typed : fitting.first
    end

    # where the bath is worked out, for a mark that is etched
    # @return [String, nil]
    def bath_path = MarkEtching.new(@mark).etched? ? "/marks/#{@mark.id}/bath" : nil

    # where the tip is chosen, for a mark that is engraved, carved or burnt
    # @return [String, nil]
    def tool_path = MarkTooling.new(@mark).tooled? ? "/marks/#{@mark.id}/tool" : nil

    # @return [String] minutes of the bath, as typed or as kept
    def minutes
      @form&.typed(:work_min) || @mark.work_s&.then { |seconds| UpClose::Working.number(seconds / 60, 1) }
    end

    private

    def answer(purpose)
      compared = Compared.new(@mark, purpose: purpose).to_core
      fitting = compared.sorted.reject(&:refused?).first(NAMED)
      Answer.new(
        purpose: purpose, refusal: purpose.against_piece(@mark.piece.material_core),
        methods: fitting.any? ? listed(fitting.map { |row| row.transfer_method.title.downcase }) : compared.reason,
        chances: chances(fitting), works: works(purpose)
      )
    end

    # "97, 65 and 60 in 100 succeed, the first from a laser print"
    def chances(rows)
      return "" if rows.empty?
      figures = rows.map { |row| (row.chance * 100).round.to_s }
      joined = (figures.size > 1) ? "#{figures[0..-2].join(", ")} and #{figures.last}" : figures.first
      "#{joined} in 100 succeed: starting values, and your record. From #{listed(kinds(rows)).downcase} print."
    end

    # kinds of printer, as they are said
    def kinds(rows) = rows.map { |row| (row.setting.printer == :inkjet) ? "an inkjet" : "a laser" }.uniq

    # @return [Array<Array(Class, String)>] each work, and why this piece does not take it
    def works(purpose)
      ground = {material: @mark.piece.material_core, finish: @mark.piece.finish_core}
      purpose.works.map { |key| UpClose::Afterwards.fetch(key) }.map { |work| [work, work.against(**ground)] }
    end

    def listed(words)
      text = (words.size < 2) ? words.first : "#{words[0..-2].join(", ")} or #{words.last}"
      text.sub(/\A./, &:upcase)
    end
  end
end
