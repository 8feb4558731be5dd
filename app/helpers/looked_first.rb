# frozen_string_literal: true

module Helpers
  # A page that depends on what an artwork comes to is shown once that is known for it as it is now, not by what was
  # found before its piece, size or method was changed.
  module LookedFirst
    # @param mark [Mark]
    # @return [Mark] itself, looked at; else the page that waits for that is shown
    def looked_first(mark)
      return mark unless request.get? && mark.artwork && mark.width_mm && mark.looked.nil?
      id = mark.id
      task = Beside::TASKS.start("look at mark #{id}") { look_at(id) }
      task.thread.join(settings.patience_s)
      halt page(:"marks/looking", mark: mark, stage: nil, here: :jobs, title: mark.title) unless task.done
      Beside::TASKS.drop("look at mark #{id}")
      mark.reload
    end

    # what cannot be looked at, as an original that is gone, is said by the Artwork stage
    def look_at(id)
      Actions::LookAtArtwork.once(find_mark(id))
    rescue UpClose::Error
      nil
    end
  end
end
