# frozen_string_literal: true

# All methods for one mark, as its page asks for them.
module Bench
  mark = Mark.live.find { |m| m.title == "Pellow Ness Light" }
  report(
    "all methods compared for a mark, record and prices read",
    ms(median {
      Presenters::Compared.new(Mark.live.preload(:artwork, piece: :job).find(mark.id), "laser").to_core.sorted
    }),
    "under 100 ms"
  )
end
