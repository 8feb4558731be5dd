# frozen_string_literal: true

module Forms
  # How deep an etch is by now, µm.
  class DepthForm < Base
    RANGE_UM = (0.1..3000.0)

    private

    def read
      value = Float(plain_digits(:depth_um).tr(",", "."), exception: false)
      return values[:depth_um] = value if value && RANGE_UM.cover?(value)
      errors[:depth_um] = "Type the depth in µm, such as 42."
    end
  end
end
