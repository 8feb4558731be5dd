# frozen_string_literal: true

module Routes
  # Sheet: copies and paper, where each copy lies.
  module Sheets
    LAYING = Shelves::BackgroundTasks.new

    # what only these routes need
    module Helping
      # a search that takes more than a moment goes on beside the page
      def lay_beside(mark, typed)
        form_unit, moment, held = unit, now, HistoryEntry.held
        LAYING.start(mark.id) do |task|
          HistoryEntry.go_on(held)
          form = Forms::SheetForm.new(typed, unit: form_unit)
          Actions::LaySheet.call(Mark.live.preload(:artwork, piece: :job).find(mark.id), form, moment) do |*so_far|
            task.at(*so_far)
          end
          form.errors.values
        rescue UpClose::Errors::Stopped, UpClose::Errors::TooMuch => error
          [error.sentence]
        end
      end

      # a mark whose earlier stages are decided
      def ready_mark
        find_mark(params["id"]).tap do |mark|
          redirect to("/marks/#{mark.bound_to}/#{helper? ? "apply" : "sheet"}"), 303 if mark.bound_to
          card = row(mark)
          next looked_first(mark) if card.open?("sheet")
          # the stages before it are the maker's
          redirect to(helper? ? "/jobs/#{mark.job.id}" : "/marks/#{mark.id}/#{card.next_stage}"), 303
        end
      end

      def sheet_stage(mark, form: nil, refusal: nil, laying: nil, largest: nil, bars: nil, asked: false, cut: nil)
        at = Presenters::SheetStage.new(mark, pack_or_reason(mark))
        stage mark, "sheet", at: at, form: form, asked: asked, refusal: refusal, laying: laying, largest: largest,
          bars: bars, cut: cut, fetched: Array(session["packs"]).include?(mark.id)
      end

      def download_pdf(pages, title)
        download(
          Workers.call(Shelves::PrintJob.new(pages, title), :bytes, "pdf"),
          "application/pdf",
          "#{title.delete(",")}.pdf"
        )
      end

      # @return [UpClose::Printing::Pack, UpClose::Error]
      def pack_or_reason(mark)
        mark.print_pack.tap(&:pages)
      rescue UpClose::Errors::DoesNotFit => error
        error
      end
    end

    def self.registered(app)
      app.helpers Helping
      laying(app)
      searching(app)
      arranging(app)
      pinning(app)
    end

    # copies laid out
    def self.laying(app)
      app.get "/marks/:id/sheet" do
        mark = ready_mark
        told = LAYING.take(mark.id)
        sheet_stage mark,
          refusal: told&.first, laying: LAYING[mark.id], largest: params["largest"] && Actions::LaySheet.largest(mark)
      end

      app.post "/marks/:id/sheet" do
        mark = ready_mark
        form = Forms::SheetForm.new(params, unit: unit)
        if form.ok? && form.effort != "first" && form.free?
          lay_beside(mark, params.to_h)
        elsif !Actions::LaySheet.call(mark, form, now)
          halt 422, sheet_stage(mark, form: form)
        end
        redirect to("/marks/#{mark.id}/sheet"), 303
      end
    end

    # while layouts are tried
    def self.searching(app)
      app.get "/marks/:id/laying" do
        task = LAYING[ready_mark.id]
        content_type :json
        JSON.generate(going: !task.nil? && !task.done, share: task&.share, doing: task&.doing)
      end

      app.post "/marks/:id/laying/stop" do
        mark = ready_mark
        LAYING.stop(mark.id)
        LAYING[mark.id]&.thread&.join(3)
        redirect to("/marks/#{mark.id}/sheet"), 303
      end
    end

    # copies moved by hand
    def self.arranging(app)
      # by hand; with "try" nothing is kept
      app.post "/marks/:id/layout/move" do
        mark = ready_mark
        to = {
          "copy" => Integer(params["copy"], exception: false),
          "mark" => Integer(params["of"] || mark.id, exception: false),
          **%w[x y turn].to_h { |key| [key, Float(params[key], exception: false)] }
        }
        halt 400 unless to.values.all?
        broken = Actions::ArrangeCopies.move(mark, to, keep: params["try"].nil?)
        content_type :json
        status 422 if broken.any?
        JSON.generate(said: broken.map { |f| part(:finding, f: f) }.join)
      end
    end

    # held, and laid again
    def self.pinning(app)
      app.post "/marks/:id/layout/pin" do
        mark = ready_mark
        Actions::ArrangeCopies.pin(mark, {"copy" => params["copy"].to_i, "mark" => (params["of"] || mark.id).to_i})
        content_type :json
        "{}"
      end

      app.post "/marks/:id/layout/undo" do
        mark = ready_mark
        Actions::ArrangeCopies.undo(mark)
        redirect to("/marks/#{mark.id}/sheet"), 303
      end

      app.post "/marks/:id/layout/again" do
        mark = ready_mark
        Actions::ArrangeCopies.again(mark)
        redirect to("/marks/#{mark.id}/sheet"), 303
      end
    end

    private_class_method :laying, :searching, :arranging, :pinning
  end
end
