# frozen_string_literal: true

module Routes
  # The timetable: what to do now, when all will be ready, the shop's hours.
  module Timetable
    # what only these routes need
    module Helping
      def keep_hours(typed, also = {})
        form = Forms::ShopTimeForm.new(typed)
        halt 422, timetable_page(form: form) unless form.ok?
        ShopTime.keep(form.values.merge(also))
        redirect to("/timetable"), 303
      end

      # "2026-12-03T19:30", by the shop's clock
      def moment_typed(text)
        date = DateTime.strptime(text.to_s, "%Y-%m-%dT%H:%M")
        Time.local(date.year, date.month, date.day, date.hour, date.minute)
      rescue Date::Error
        nil
      end

      def timetable_page(form: nil)
        moment = now
        work = Actions::PlanWork.new(moment)
        table = Presenters::Timetable.new(work, now: moment, page: params["page"].to_i, asked: params["ask"]&.to_i)
        page :timetable, here: :timetable, title: "Timetable", table: table, form: form
      end
    end

    def self.registered(app)
      app.helpers Helping
      pages(app)
      hours(app)
      not_before(app)
    end

    # the plan
    def self.pages(app)
      app.get("/timetable") { timetable_page }

      app.get "/timetable.ics" do
        download(
          UpClose::Formats::ICS.call(Actions::PlanWork.new(now).plan, stamp: now),
          "text/calendar; charset=utf-8",
          "up close.ics"
        )
      end
    end

    # hours and room
    def self.hours(app)
      app.post("/timetable") { keep_hours(params) }

      # what else is typed is kept with it
      app.post "/timetable/room" do
        room = Actions::UseDevices.room(now)
        keep_hours(
          params.merge("temperature_c" => room.temperature_c.to_s, "humidity" => room.humidity.to_s),
          "room_read_at" => room.at.iso8601
        )
      end
    end

    # a mark not begun before some moment
    def self.not_before(app)
      app.post "/marks/:id/not-before" do
        mark = find_mark(params["id"])
        seconds = Integer(params["seconds"].to_s, exception: false)
        moment = seconds ? Time.at(seconds) : moment_typed(params["at"])
        halt 422, timetable_page unless params["clear"] || moment
        mark.change(not_before: params["clear"] ? nil : moment)
        redirect to("/timetable#mark-#{mark.id}"), 303
      end
    end

    private_class_method :pages, :hours, :not_before
  end
end
