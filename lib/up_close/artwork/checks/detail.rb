# frozen_string_literal: true

module UpClose
  module Artwork
    module Checks
      # How much of a photograph's detail is finer than its method carries. It has no lines of its own to lose.
      module Detail
        LISTED = 15
        FOR = {kind: %i[photograph mixed]}.freeze
        # of the detail: more is worth a look
        MUCH = 0.3

        module_function

        # @param subject [CheckContext]  @return [Finding, nil] nil where any width works
        def call(subject)
          finest = subject.limits[:line_mm] or return
          lost = subject.finer_detail(finest)
          much = lost > MUCH
          Finding.new(
            key: :detail,
            title: "Detail finer than it carries",
            verdict: much ? :watch : :fine,
            figure: "#{(lost * 100).round} %",
            value: lost * 100,
            unit: "%",
            limit: MUCH * 100,
            working: working(subject, finest, lost),
            reason: reason(finest, much),
            remedy: much ? "Look at it under the loupe, or print it larger." : nil
          )
        end

        # @param finest [Float] mm  @return [String]
        def reason(finest, much)
          if much
            "It is a photograph: edges softer than #{Working.number(finest)} mm stay, what is finer runs together."
          else
            "It is a photograph: most of it is coarser than the #{Working.number(finest)} mm that this method holds."
          end
        end

        # @return [Working]
        def working(subject, finest, lost)
          Working.new(
            "differences from the picture evened out over #{Working.number(finest)} mm ÷ those from it evened " \
            "out over #{Working.number(FineDetail::WIDE_MM)} mm = #{Working.number(lost * 100, 1)} %",
            source: subject.limits.source(:line_mm)
          )
        end
      end
    end
  end
end
