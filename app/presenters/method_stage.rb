# frozen_string_literal: true

module Presenters
  # Method: which methods suit the piece, the one that is chosen or suggested, and which way round it is printed.
  class MethodStage
    # @param mark [Mark]  @param form [Forms::MethodForm, nil] that came back
    def initialize(mark, form)
      @mark, @form = mark, form
    end

    # @return [UpClose::Comparison]
    def compared = @compared ||= Compared.new(@mark, [typed(:printer), *kinds].compact.uniq).to_core

    # @return [UpClose::Comparison::Row, nil] what we suggest
    def pick = compared.pick

    # @return [String, nil] chosen, or suggested
    def method_key = typed(:method_key) || pick&.transfer_method&.key

    # @return [String] "laser" or "inkjet"
    def printer = typed(:printer) || pick&.setting&.printer&.to_s || kinds.first

    # @return [String] "auto", "as-is" or "mirrored"
    def reading_choice = typed(:reading)

    # what can be done on this piece, our suggestion first
    # @return [Array<UpClose::Comparison::Row>]
    def fitting = sorted.first.sort_by.with_index { |row, i| [(row == pick) ? 0 : 1, i] }

    # @return [Array<UpClose::Comparison::Row>]
    def refused = sorted.last

    # a method is chosen, and nothing was wrong with the form
    def chosen? = !@mark.method_key.nil? && (@form.nil? || @form.ok?)

    # @return [UpClose::Methods::Orientation, nil]
    def orientation = @orientation ||= chosen? ? @mark.planned.reading : nil

    # @return [Array<UpClose::Finding>]
    def findings = [orientation.finding, @mark.spares.chance_finding] + @mark.planned.findings

    # what worked before on such a piece
    # @return [Object, nil] as LikeLast gives it
    def last = (@mark.method_key.nil? && @form.nil?) ? LikeLast.new(@mark).way : nil

    def purpose? = !@mark.purpose_core.nil?

    # @return [String]
    def purpose_words
      return "Purpose not chosen" unless purpose?
      [@mark.purpose_core.title, @mark.afterwards_core&.then { |work| "to #{work.title.downcase}" }].compact.join(", ")
    end

    # whether something says stop to the way that is chosen
    def stopped? = !@mark.method_key.nil? && @mark.stops.open.any?

    private

    def kinds = @kinds ||= Printer.kinds

    def typed(name) = @form ? @form.typed(name) : @mark.public_send(name)

    # a method of another printer is not refused: that printer is a choice of the same page
    def sorted
      @sorted ||= compared.sorted.partition do |row|
        row.transfer_method.key == method_key || fits?(row)
      end
    end

    # on one of the shop's printers, or on another
    def fits?(row) = row.findings.none? { |finding| finding.stop? && finding.key != :printer_kind }
  end
end
