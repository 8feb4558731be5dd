# frozen_string_literal: true

module Routes
  # Printers, what they do to a millimetre, and the simulated ones.
  module Printers
    # the pages a printer is got to know by
    PAGES = {
      "crosses" => ->(paper, _) { UpClose::Printing::Calibrating::CrossPage.new(paper).page },
      "second" => ->(paper, known) {
        UpClose::Printing::Calibrating::CrossPage
          .new(paper)
          .page(words: "Up Close: crosses again, with the correction.")
          .drawn_by(known.undo(paper))
      },
      "feed" => ->(paper, _) { UpClose::Printing::FeedPage.call(paper) }
    }.freeze

    # what only these routes need
    module Helping
      # where a press on a stand-in leads
      def back_to(printer)
        (params["from"] == "devices") ? "/devices#device-#{printer.id}" : "/printers/#{printer.id}#tray"
      end

      def printers_page(form: nil)
        away, here = Printer.includes(:calibrations).order(:id).partition(&:archived_at)
        page :"printers/index", here: :printers, title: "Printers", printers: here, away: away, form: form
      end

      def printer_page(printer, form: nil, second: nil, faults: nil, profile: nil)
        page :"printers/show",
          here: :printers,
          title: printer.name,
          printer: printer,
          form: form,
          second: second,
          faults: faults,
          profile: profile
      end

      def wanted_page(printer, which, paper)
        make = PAGES[which] or halt(404)
        halt 404 if which == "second" && printer.current.nil?
        make.call(UpClose::Printing::Paper.fetch(paper || "a4"), printer.current&.to_core)
      end

      def device(id) = Printer.find(id).tap { |printer| halt 404 unless printer.device }

      # print queues of this machine
      def queues = Devices::Queue.names

      def tray_of(printer) = Actions::UseDevices.tray(printer)

      # a scan that lies on the simulated scanner, as if it had been chosen as a file
      def lying_scan(printer)
        scan = Actions::UseDevices.tray(printer).take("scan") or return
        {tempfile: StringIO.new(scan), filename: "scan.png"}
      end
    end

    def self.registered(app)
      app.helpers Helping
      all(app)
      one(app)
      measuring(app)
      feeding(app)
      knowing(app)
      devices(app)
      printing(app)
    end

    # all of them
    def self.all(app)
      app.get("/printers") { printers_page }

      app.post "/printers" do
        form = Forms::PrinterForm.new(params)
        printer = Actions::Calibrate.add(form)
        halt 422, printers_page(form: form) unless printer
        redirect to("/printers/#{printer.id}"), 303
      end
    end

    # one of them
    def self.one(app)
      app.get("/printers/:id") { printer_page(Printer.find(params["id"])) }

      app.get "/printers/:id/:which.pdf" do
        printer = Printer.find(params["id"])
        sheet = wanted_page(printer, params["which"], params["paper"])
        download(
          Shelves::PrintFiles.pdf([sheet], "#{printer.name}, #{params["which"]}"),
          "application/pdf",
          "#{params["which"]} #{printer.name}.pdf"
        )
      end
    end

    # its scale
    def self.measuring(app)
      app.post "/printers/:id/measured" do
        printer = Printer.find(params["id"])
        typed = (params["from"] == "scanner") ? params.merge(
          "scan" => lying_scan(printer),
          "dpi" => Devices::Simulated::Scanner::DPI.to_s
        ) : params
        form = Forms::CalibrationForm.new(typed, unit: unit)
        if params["second"]
          halt (form.ok? ? 200 : 422), printer_page(printer, form: form, second: form.calibration)
        end
        halt 422, printer_page(printer, form: form) unless Actions::Calibrate.keep(printer, form)
        redirect to("/printers/#{printer.id}"), 303
      end
    end

    # what has changed; how it feeds
    def self.feeding(app)
      app.post "/printers/:id/changed" do
        Actions::Calibrate.end_current(Printer.find(params["id"]), now, params["cartridge"])
        redirect to("/printers/#{params["id"]}"), 303
      end

      app.post "/printers/:id/feed" do
        Actions::Calibrate.answer_feed(Printer.find(params["id"]), params["face"], params["tray"].to_s)
        redirect to("/printers/#{params["id"]}"), 303
      end
    end

    # what it is known to do
    def self.knowing(app)
      app.post "/printers/:id/faults" do
        printer = Printer.find(params["id"])
        form = Forms::FaultsForm.new(params, unit: unit)
        halt 422, printer_page(printer, faults: form) unless form.ok?
        ApplicationRecord.change { printer.update!(form.values.slice(:rollers_mm, :ghost_mm)) }
        redirect to("/printers/#{printer.id}"), 303
      end

      app.post "/printers/:id/profile" do
        printer = Printer.find(params["id"])
        form = Forms::ProfileForm.new(params, unit: unit)
        halt 422, printer_page(printer, profile: form) unless form.ok?
        Actions::Calibrate.keep_profile(printer, form)
        redirect to("/printers/#{printer.id}"), 303
      end
    end

    # what stands in for hardware
    def self.devices(app)
      app.get("/devices") do
        page :"printers/devices",
          here: :printers,
          title: "Devices",
          printers: Printer.at_hand.where.not(simulated: nil).order(:id).to_a,
          room: Actions::UseDevices.room(now)
      end
    end

    # printed, scanned, looked at
    def self.printing(app)
      app.post "/printers/:id/print" do
        printer = device(params["id"])
        Actions::UseDevices.print(printer, wanted_page(printer, params["which"], params["paper"]))
        redirect to(back_to(printer)), 303
      end

      app.post "/printers/:id/scan" do
        printer = device(params["id"])
        Actions::UseDevices.scan(printer)
        redirect to(back_to(printer)), 303
      end

      app.get "/printers/:id/tray/:what.png" do
        halt 404 unless %w[sheet scan].include?(params["what"])
        bytes = Actions::UseDevices.tray(device(params["id"])).take(params["what"]) or halt(404)
        content_type "image/png"
        next download(bytes, "image/png", "#{params["what"]}.png") if params["whole"]
        # small enough for a page
        Workers.call(Shelves::OutsidePicture.new(bytes), :small, 700)
      end
    end

    private_class_method :all, :one, :measuring, :feeding, :knowing, :devices, :printing
  end
end
