# frozen_string_literal: true

module Routes
  # Circuit boards: their files brought, looked at, checked, laid on a plate, made into marks.
  module Boards
    # what only these routes need
    module Helping
      def board_page(board, form: nil, refusal: nil)
        told = Workers.call(board.drawn, :told)
        shown = Presenters::BoardPage.new(
          board, told, side: params["side"], lies: params["seen"] == "turned", writer: writer
        )
        page :"boards/show", here: :jobs, title: board.name, board: board, shown: shown, form: form, refusal: refusal
      rescue UpClose::Error => error
        page :"boards/files", here: :jobs, title: board.name, board: board, refusal: error.sentence
      end

      def new_board(job, form: nil) = page(:"boards/new", here: :jobs, title: "A board", job: job, form: form)
    end

    FILE_TYPES = {"gbr" => "application/vnd.gerber", "drl" => "text/plain", "dxf" => "image/vnd.dxf",
                  "csv" => "text/csv", "svg" => "image/svg+xml"}.freeze

    def self.registered(app)
      app.helpers Helping
      bringing(app)
      looking(app)
      making(app)
      files(app)
    end

    # its files
    def self.bringing(app)
      app.get("/jobs/:id/boards/new") { new_board(Job.find(params["id"])) }

      app.post "/jobs/:id/boards" do
        job = Job.find(params["id"])
        form = Forms::BoardFilesForm.new(params)
        board = Actions::AddBoard.call(job, form)
        halt 422, new_board(job, form: form) unless board
        redirect to("/boards/#{board.id}"), 303
      end
    end

    # what they draw, and what each is for
    def self.looking(app)
      app.get("/boards/:id") { board_page(Board.find(params["id"])) }

      app.post "/boards/:id/layers" do
        board = Board.find(params["id"])
        layers = Actions::ChangeBoard.layers_told(board, params["layer"].to_h)
        seen = Forms::Seen.new(params[Forms::Seen::FIELD], Forms::BoardForm.shown(board, writer))
        if seen.changed.any?
          board.files = layers
          halt 422, board_page(board, refusal: seen.sentence)
        end
        ApplicationRecord.change { board.update!(files: layers) }
        redirect to("/boards/#{board.id}"), 303
      end

      app.post "/boards/:id" do
        board = Board.find(params["id"])
        form = Forms::BoardForm.new(params, unit: unit)
        form.heed(Forms::Seen.new(params[Forms::Seen::FIELD], Forms::BoardForm.shown(board, writer)))
        halt 422, board_page(board, form: form) unless Actions::ChangeBoard.call(board, form)
        redirect to("/boards/#{board.id}?side=#{params["side"]}"), 303
      end
    end

    # its marks; and how far the second side lies off
    def self.making(app)
      app.post "/boards/:id/marks" do
        board = Board.find(params["id"])
        marks = Actions::MakeBoardMarks.call(board)
        redirect to("/marks/#{marks.first.id}/#{(marks.size > 1) ? "sheet" : "place"}"), 303
      rescue UpClose::Error => error
        halt 422, board_page(board, refusal: error.sentence)
      end

      app.get "/boards/:id/misfit" do
        board = Board.find(params["id"])
        form = params["x1"] && Forms::MisfitForm.new(params, unit: unit)
        page :"boards/misfit", here: :jobs, title: "Do both sides match?", board: board, form: form
      end
    end

    # written back
    def self.files(app)
      app.get "/boards/:id/files/:name" do
        board = Board.find(params["id"])
        name = params["name"]
        side = name[/\Acopper-(top|bottom)\.svg\z/, 1]
        content = side ? Workers.call(board.drawn, :artwork, side) : Workers.call(board.drawn, :to_files)[name]
        halt 404 unless content
        download content, FILE_TYPES.fetch(name.split(".").last), "#{board.name} #{name}"
      end
    end

    private_class_method :bringing, :looking, :making, :files
  end
end
