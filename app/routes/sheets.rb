# frozen_string_literal: true

module Routes
  # Sheet: copies, paper, the print pack and the bench card.
  module Sheets
    # what only these routes need
    module Helping
      # a mark whose earlier stages are decided
      def ready_mark
        find_mark(params["id"]).tap do |mark|
          card = row(mark)
          redirect to("/marks/#{mark.id}/#{card.next_stage}"), 303 unless card.open?("sheet")
        end
      end

      # @return [UpClose::Printing::Pack, UpClose::Error]
      def pack_or_reason(mark)
        mark.pack.tap(&:cells)
      rescue UpClose::Errors::DoesNotFit => error
        error
      end
    end

    def self.registered(app)
      app.get "/marks/:id/sheet" do
        mark = ready_mark
        stage mark, "sheet", form: nil, pack: pack_or_reason(mark)
      end

      app.post "/marks/:id/sheet" do
        mark = ready_mark
        form = Forms::SheetForm.new(params)
        halt 422, stage(mark, "sheet", form: form, pack: pack_or_reason(mark)) unless Actions::LaySheet.call(mark, form, now)
        redirect to("/marks/#{mark.id}/sheet"), 303
      end

      app.get "/marks/:id/pack.pdf" do
        mark = ready_mark
        download(Shelves::PrintFiles.bytes(mark.pack, "pdf", title: mark.title), "application/pdf", "#{mark.title}.pdf")
      end

      app.get "/marks/:id/sheets/:sheet.:kind" do
        mark = ready_mark
        kind, sheet = params["kind"], params["sheet"].to_i
        halt 404 unless %w[svg png].include?(kind) && sheet.between?(1, mark.pack.sheets)
        dpi = params["dpi"] ? params["dpi"].to_i : 600
        bytes = Shelves::PrintFiles.bytes(mark.pack, kind, title: mark.title, sheet: sheet, dpi: dpi)
        next download(bytes, Shelves::PrintFiles::KINDS[kind], "#{mark.title}-#{sheet}.#{kind}") unless params["show"]
        content_type Shelves::PrintFiles::KINDS[kind]
        bytes
      end

      app.get "/marks/:id/bench-card.pdf" do
        mark = ready_mark
        download(Presenters::BenchCard.new(mark, writer: writer).pdf, "application/pdf", "bench card #{mark.title}.pdf")
      end

      app.helpers Helping
    end
  end
end
