# frozen_string_literal: true

module Actions
  # Etches a strip in the simulated bath for as long as is usual, and keeps what the gauge says.
  module EtchStrip
    STRIP_S = 900

    module_function

    # @return [UpClose::Error, nil] the refusal
    def call(mark)
      etching = MarkEtching.new(mark)
      reading = Devices::Simulated::EtchingBath.new.ask(
        bath: etching.bath, metal: etching.metal, seconds: STRIP_S, temperature_c: etching.temperature_c,
        motion: etching.motion
      ).value!
      told = etching.to_h.merge(strip_um: reading.depth_um, strip_min: reading.minutes)
      mark.change(etching: told, work_s: MarkEtching.new(mark, typed: told).time_s)
      nil
    rescue UpClose::Error => error
      error
    end
  end
end
