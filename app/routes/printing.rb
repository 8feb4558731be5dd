# frozen_string_literal: true

module Routes
  # Just print: from a file or a word to its print pack, without job, piece or names.
  module Printing
    # what only these routes need
    module Helping
      def print_page(form: nil)
        page :"print/new", here: :print, title: "Just print", form: form,
          last: Mark.where.not(method_key: nil).order(:id).last, kinds: ::Printer.kinds
      end

      # a loose mark, as it will be printed
      def loose_page(mark, findings)
        page :"print/show", here: :print, title: mark.title, mark: mark, findings: findings, pieces: real_pieces,
          jobs: Job.open.where.not(title: Actions::JustPrint::JOB).order(id: :desc).limit(20).to_a
      end

      # pieces that it can be given to, the newest first
      def real_pieces
        ::Piece.joins(:job).merge(Job.open).where.not(jobs: {title: Actions::JustPrint::JOB}).order(id: :desc).limit(40)
      end

      def loose_mark = find_mark(params["id"]).tap { |mark| halt 404 unless Actions::JustPrint.loose?(mark) }
    end

    def self.registered(app)
      app.helpers Helping
      printing(app)
      giving(app)
    end

    def self.printing(app)
      app.get("/print") { print_page }

      app.post "/print" do
        form = Forms::PrintForm.new(params, unit: unit)
        if params["dropped"]
          form.dropped
          next print_page(form: form)
        end
        mark = Actions::JustPrint.call(form)
        halt 422, print_page(form: form) unless mark
        redirect to("/print/#{mark.id}"), 303
      end

      app.get "/print/:id" do
        mark = find_mark(params["id"])
        redirect to("/marks/#{mark.id}"), 303 unless Actions::JustPrint.loose?(mark)
        loose_page(mark, mark.design.findings_at_hand)
      end
    end

    # a piece, and with it a job
    def self.giving(app)
      app.post "/print/:id/piece" do
        mark = loose_mark
        piece = real_pieces.find_by(id: params["piece"]) || halt(404)
        ApplicationRecord.change { Actions::JustPrint.give(mark, piece) }
        redirect to("/marks/#{mark.id}/place"), 303
      end

      app.post "/print/:id/job" do
        mark = loose_mark
        redirect to("/jobs/#{Job.find(params["job"]).id}/pieces/new?mark=#{mark.id}"), 303
      end
    end
    private_class_method :printing, :giving
  end
end
