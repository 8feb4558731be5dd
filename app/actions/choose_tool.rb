# frozen_string_literal: true

module Actions
  # Keeps which tip a mark is worked with; the bench counts its time.
  module ChooseTool
    module_function

    # @param tooling [MarkTooling]
    def call(mark, tooling)
      seconds = tooling.stroke.seconds
      mark.change(tooling: tooling.to_h, work_s: seconds)
    end
  end
end
