# frozen_string_literal: true

module Helpers
  # What puts a stop right, tried beside the page: a page waits for it a moment, and is brought it later where it takes
  # longer.
  module TriedRemedies
    # a script waits for them no longer
    MOST_WAIT_S = 20

    # @param mark [Mark]  @param wait_s [Numeric]
    # @return [Array<Actions::Remedies::Offer>, nil] nil while they are tried
    def remedies_of(mark, wait_s: settings.patience_s)
      known = Actions::Remedies.at_hand(mark)
      return known if known
      id = mark.id
      task = Beside::TASKS.start("remedies of mark #{id}") { Actions::Remedies.offers(find_mark(id)) }
      task.thread.join(wait_s)
      return unless task.done
      Beside::TASKS.drop("remedies of mark #{id}")
      task.outcome || []
    end
  end
end
