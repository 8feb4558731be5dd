# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # Printers have no white.
      module White
        LITTLE = 0.005

        module_function

        def call(subject)
          share = subject.whites.inside
          used = share > LITTLE
          lost = used && subject.film == :clear
          Finding.new(key: :white, title: "White inside the outline", verdict: lost ? :watch : :fine, figure: "#{Working.number(share * 100, 1)} %", value: share * 100, unit: "%", limit: LITTLE * 100,
            working: Working.new("opaque white not open to the border ÷ all that is opaque = #{Working.number(share * 100, 1)} %"),
            reason: reason(used, subject.film), remedy: lost ? "Use white film, or take the piece's own colour for it." : nil)
        end

        def reason(used, film)
          return "No white is counted on." unless used
          (film == :clear) ? "Printers have no white: the piece shows there." : "The film's white stands there."
        end
      end
    end
  end
end
