# frozen_string_literal: true

module Routes
  # What goes to the printer, and what lies beside it: print pack, proof, carrier, single sheets, cut lines, bench card.
  module Packs
    OUTLINES = {
      "svg" => [UpClose::Formats::SVG::OutlineWriter, "image/svg+xml"],
      "dxf" => [UpClose::Formats::DXF::Writer, "image/vnd.dxf"]
    }.freeze

    # marks whose pack this browser has fetched: their next action is to say that it is printed
    PACKS_REMEMBERED = 20

    def self.registered(app)
      packs(app)
      proofs(app)
      printing(app)
      printed(app)
      single_sheets(app)
      cut_lines(app)
      bench_card(app)
    end

    # the print pack
    def self.packs(app)
      app.get "/marks/:id/pack.pdf" do
        mark = ready_mark
        session["packs"] = (Array(session["packs"]) + [mark.id]).uniq.last(PACKS_REMEMBERED)
        download_pdf(mark.pack_to_print.pages, mark.title)
      end
    end

    # proof and carrier
    def self.proofs(app)
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

    # sent, and measured
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
    end

    # what came off the printer
    def self.printed(app)
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

    # lines to cut along
    def self.cut_lines(app)
      app.get "/marks/:id/cut/:sheet.:kind" do
        mark = ready_mark
        lines = mark.cut_lines
        number = params["sheet"].to_i
        halt 404 unless number.between?(1, lines.size)
        writer, type = OUTLINES.fetch(params["kind"]) { halt 404 }
        download(writer.call(lines[number - 1]), type, "#{mark.title} cut #{number}.#{params["kind"]}")
      end
    end

    # the bench card
    def self.bench_card(app)
      app.get "/marks/:id/bench-card.pdf" do
        mark = ready_mark
        download(Presenters::BenchCard.new(mark, writer: writer).pdf, "application/pdf", "bench card #{mark.title}.pdf")
      end
    end

    private_class_method :packs, :proofs, :printing, :printed,
      :single_sheets, :cut_lines, :bench_card
  end
end
