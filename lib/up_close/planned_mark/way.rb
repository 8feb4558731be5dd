# frozen_string_literal: true

module UpClose
  class PlannedMark
    # How a mark is made, and what it is for. +transfer_method+ is nil before it is chosen; +printer+ :laser or :inkjet;
    # +picked+ the schools, choice key → option key; +own_steps+ those of a school of the maker's own; +purpose+ a
    # Purposes::Purpose; +afterwards+ an Afterwards::Work, with its main wait (+work_s+), and for an etched plate what
    # etches it and what is done to it then; +sealer+ a Sealing::Sealer; +border_mm+ nil: the school's own; +turned+
    # what the maker says of its reading, as Methods::Orientation takes it; +show_through+ a ShowThrough::Answer.
    Way = Value.define(
      :transfer_method, :printer, :stock, :picked, :own_steps, :purpose, :afterwards, :work_s, :work_finish, :work_bath,
      :sealer, :coats, :border_mm, :turned, :show_through, keyword_init: true
    ) do
      def initialize(picked: {}, turned: "auto", sealer: Sealing.fetch("none"), **fields) = super
    end
  end
end
