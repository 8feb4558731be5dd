# frozen_string_literal: true

module Routes
  # A mark that is laid is not moved by mistake: what would move it is refused till it is unlocked.
  module Locking
    # what moves a mark or its picture
    MOVES = %r{\A/marks/(\d+)/(place(/(undo|centre|largest|along|repeats))?|cover(/(begin|end|undo|pin))?)\z}

    def self.registered(app)
      app.before do
        next unless request.post? && (id = Rack::Utils.unescape_path(request.path_info)[MOVES, 1])
        mark = Mark.live.find_by(id: id)
        next unless mark&.locked?(now)
        halt 423, page(:plain, title: "It is laid already", says: "#{mark.title} is laid, and locked so that it does " \
          "not move by mistake.", way_out: "Press “Unlock it” on its page, then move it.")
      end

      {"unlock" => ->(time) { time }, "lock" => ->(_) {}}.each do |verb, moment|
        app.post "/marks/:id/#{verb}" do
          mark = find_mark(params["id"])
          mark.change(unlocked_at: moment.call(now))
          redirect back_within(request.referer), 303
        end
      end
    end
  end
end
