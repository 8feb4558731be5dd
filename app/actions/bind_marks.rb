# frozen_string_literal: true

module Actions
  # Binds marks of one piece as one transfer: printed, cut out, registered and laid together.
  module BindMarks
    module_function

    # what must be the same
    ALIKE = %w[method_key printer stock flank].freeze

    # @return [Boolean] whether both can be one transfer
    def fits?(mark, host)
      mark != host && host.bound_to.nil? && !mark.binds && alike?(mark, host) &&
        [mark, host].all? { |part| plain?(part) }
    end

    def alike?(mark, host)
      host.method_key && host.piece_id == mark.piece_id && ALIKE.all? { |name| mark[name] == host[name] }
    end

    # one copy of one artwork, and nothing begun
    def plain?(mark)
      mark.repeats_core.once? && !mark.artwork&.set? && !mark.covering.any? && mark.runs.none?
    end

    # @return [UpClose::Error, nil] the refusal
    def call(mark, host)
      unless fits?(mark, host)
        return UpClose::Error.new(
          "These two cannot be one transfer.",
          remedy: "Both need the same method, printer and stock, one copy each, and no run begun."
        )
      end
      ApplicationRecord.change do
        mark.layouts.each { |layout| layout.destroy! if layout.laid? }
        mark.change(bound_to: host.id, picked: host.picked, packed_at: nil)
        host.change(binds: true)
      end
      nil
    end

    def part(mark)
      host = mark.host or return
      ApplicationRecord.change do
        mark.change(bound_to: nil)
        host.change(binds: host.guests.reload.any?)
      end
    end
  end
end
