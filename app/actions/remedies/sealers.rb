# frozen_string_literal: true

module Actions
  module Remedies
    # Another finish over it, where two do not go together.
    module Sealers
      RULES = %w[sealer_pair food].freeze

      module_function

      # @return [Array<Change>]
      def call(mark, stop)
        return [] unless mark.method_key && RULES.include?(stop.key)
        (UpClose::Sealing.all - [mark.sealer_core]).map do |sealer|
          does = ->(m) { m.assign_attributes(sealer: sealer.key, coats: nil) }
          words = sealer.coats.zero? ? "Leave it without a finish" : "Finish it with #{sealer.title.downcase}"
          Change.new("sealer:#{sealer.key}", words, does)
        end
      end
    end
  end
end
