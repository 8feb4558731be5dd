# frozen_string_literal: true

module Forms
  # Three places on a board: where each should lie, and where it lies on the second side.
  class MisfitForm < Base
    PLACES = 3
    FIELDS = (1..PLACES).flat_map { |i| ["x#{i}", "y#{i}", "u#{i}", "v#{i}"] }.freeze
    FURTHEST_MM = 1000.0

    # @return [UpClose::Boards::Misfit, nil]
    attr_reader :misfit

    private

    def read
      FIELDS.each { |name| number(name.to_sym) }
      return if errors.any?
      @misfit = UpClose::Boards::Misfit.new(points("x", "y"), points("u", "v"))
    rescue UpClose::Error => error
      refuse(error, :x1)
    end

    def number(name)
      value = Float(plain_digits(name).tr(",−", ".-"), exception: false)
      value *= UpClose::Measure::Length::INCH_MM if value && @unit == "in"
      return values[name] = value if value && value.abs <= FURTHEST_MM
      errors[name] = "Type a distance, such as 12.4."
    end

    def points(across, down)
      (1..PLACES).map { |i| UpClose::Geometry::Point[values[:"#{across}#{i}"], values[:"#{down}#{i}"]] }
    end
  end
end
