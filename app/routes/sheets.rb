# frozen_string_literal: true

module Routes
  # Sheet: copies, paper, the print pack and the bench card.
  module Sheets
    LAYING = Shelves::BackgroundTasks.new

    # what only these routes need
    module Helping
      # a search that takes more than a moment goes on beside the page
      def lay_beside(mark, typed)
        form_unit, at = unit, now
        LAYING.start(mark.id) do |task|
          form = Forms::SheetForm.new(typed, unit: form_unit)
          Actions::LaySheet.call(Mark.live.preload(:artwork, piece: :job).find(mark.id), form, at) do |share|
            task.at(share)
          end
          form.errors.values
        end
      end

      # a mark whose earlier stages are decided
      def ready_mark
        find_mark(params["id"]).tap do |mark|
          card = row(mark)
          redirect to("/marks/#{mark.id}/#{card.next_stage}"), 303 unless card.open?("sheet")
        end
      end

      def sheet_stage(mark, form: nil, refusal: nil, laying: nil, largest: nil, bars: nil, asked: false)
        stage mark, "sheet", form: form, asked: asked, pack: pack_or_reason(mark), refusal: refusal, laying: laying,
          largest: largest, bars: bars
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
      packs(app)
      printing(app)
      single_sheets(app)
      arranging(app)
      beside_the_sheet(app)
    end

    # laying copies out, beside the page where that takes a search
    def self.laying(app)
      app.get "/marks/:id/sheet" do
        mark = ready_mark
        said = LAYING.take(mark.id)
        sheet_stage mark,
          refusal: said&.first, laying: LAYING[mark.id], largest: params["largest"] && Actions::LaySheet.largest(mark)
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

      app.get "/marks/:id/laying" do
        task = LAYING[ready_mark.id]
        content_type :json
        JSON.generate(going: !task.nil? && !task.done, share: task&.share)
      end

      app.post "/marks/:id/laying/stop" do
        mark = ready_mark
        LAYING.stop(mark.id)
        LAYING[mark.id]&.thread&.join(3)
        redirect to("/marks/#{mark.id}/sheet"), 303
      end
    end

    # finished files
    def self.packs(app)
      app.get "/marks/:id/pack.pdf" do
        mark = ready_mark
        download_pdf(mark.pack_to_print.pages, mark.title)
      end

      app.get "/marks/:id/proof.pdf" do
        mark = ready_mark
        halt 404 unless mark.layout
        proof = UpClose::Printing::Compensated.new(
          Shelves::PrintFiles::Proof.new(mark.print_pack.proof_pages),
          mark.own_printer&.current&.to_core
        )
        download_pdf(proof.pages, "#{mark.title}, proof")
      end

      app.get "/marks/:id/carrier.pdf" do
        mark = ready_mark
        pages = mark.layout ? mark.print_pack.carrier_pages : []
        halt 404 if pages.empty?
        download_pdf(pages, "#{mark.title}, carrier")
      end
    end

    # printing, and what was printed
    def self.printing(app)
      app.post "/marks/:id/send" do
        mark = ready_mark
        refusal = Actions::SendPrint.call(mark, params["sheet"].to_i)
        halt 422, sheet_stage(mark, refusal: refusal) if refusal
        redirect to((mark.own_printer.device ? "/devices#device-#{mark.own_printer.id}" : "/marks/#{mark.id}/sheet")),
          303
      end

      app.post "/marks/:id/bars" do
        mark = ready_mark
        form = Forms::BarsForm.new(params, unit: unit, undone: mark.own_printer&.current&.to_core)
        Actions::Calibrate.keep_bars(mark, form.bars) if form.bars
        halt (form.bars ? 200 : 422), sheet_stage(mark.reload, bars: form)
      end

      app.post "/marks/:id/printed" do
        mark = ready_mark
        halt 422, sheet_stage(mark, asked: true) if Actions::LookAtArtwork.once(mark).stops.open.any?
        refusal = Actions::PrintSheets.call(mark, now)
        halt 422, sheet_stage(mark, refusal: refusal.sentence) if refusal
        redirect to("/marks/#{mark.id}/sheet"), 303
      end

      app.post "/marks/:id/printed/back" do
        mark = ready_mark
        Actions::PrintSheets.take_back(mark, params["outcome"])
        redirect to("/marks/#{mark.id}/sheet"), 303
      end
    end

    # one sheet at a time
    def self.single_sheets(app)
      app.get "/marks/:id/sheets/:sheet.:kind" do
        mark = ready_mark
        kind, sheet = params["kind"], params["sheet"].to_i
        pack = mark.print_pack
        halt 404 unless %w[svg png].include?(kind) && sheet.between?(1, pack.sheets)
        dpi = params["dpi"] ? params["dpi"].to_i : 600
        # pages show it as it is to come out; what is downloaded undoes what the printer does
        shown = if params["show"]
          mark.layout ? Shelves::PrintFiles::Proof.new(pack.proof_pages) : pack
        else
          mark.pack_to_print
        end
        bytes = Workers.call(Shelves::PrintJob.new(shown.pages, mark.title), :bytes, kind, sheet: sheet, dpi: dpi)
        next download(bytes, Shelves::PrintFiles::KINDS[kind], "#{mark.title}-#{sheet}.#{kind}") unless params["show"]
        content_type Shelves::PrintFiles::KINDS[kind]
        bytes
      end
    end

    # copies moved and pinned by hand
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

      app.post "/marks/:id/layout/pin" do
        mark = ready_mark
        Actions::ArrangeCopies.pin(mark, {"copy" => params["copy"].to_i, "mark" => (params["of"] || mark.id).to_i})
        content_type :json
        "{}"
      end

      app.post "/marks/:id/layout/again" do
        mark = ready_mark
        Actions::ArrangeCopies.again(mark)
        redirect to("/marks/#{mark.id}/sheet"), 303
      end
    end

    # what lies beside the sheet: lines to cut along, the bench card
    def self.beside_the_sheet(app)
      app.get "/marks/:id/cut/:sheet.:kind" do
        mark = ready_mark
        lines = mark.cut_lines
        number = params["sheet"].to_i
        halt 404 unless number.between?(1, lines.size)
        case params["kind"]
        when "svg"
          download(
            UpClose::Formats::SVG::OutlineWriter.call(lines[number - 1]),
            "image/svg+xml",
            "#{mark.title} cut #{number}.svg"
          )
        when "dxf"
          download(
            UpClose::Formats::DXF::Writer.call(lines[number - 1]),
            "image/vnd.dxf",
            "#{mark.title} cut #{number}.dxf"
          )
        else halt 404
        end
      end

      app.get "/marks/:id/bench-card.pdf" do
        mark = ready_mark
        download(Presenters::BenchCard.new(mark, writer: writer).pdf, "application/pdf", "bench card #{mark.title}.pdf")
      end
    end

    private_class_method :laying, :packs, :printing, :single_sheets, :arranging, :beside_the_sheet
  end
end
