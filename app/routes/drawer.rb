# frozen_string_literal: true

module Routes
  # The sheet drawer.
  module Drawer
    # what only these routes need
    module Helping
      def drawer_page(form: nil, refusal: nil)
        page :"drawer/index",
          here: :drawer,
          title: "Sheet drawer",
          sheets: StockSheet.here.to_a,
          aside: StockSheet.where.not(state: "here").order(updated_at: :desc).limit(12).to_a,
          form: form,
          refusal: refusal
      end
    end

    def self.registered(app)
      app.helpers Helping
      sheets(app)
      areas(app)
      states(app)
    end

    # sheets taken in
    def self.sheets(app)
      app.get("/drawer") { drawer_page }

      app.post "/drawer" do
        form = Forms::StockSheetForm.new(params, unit: unit)
        sheet = Actions::KeepSheets.add(form)
        halt 422, drawer_page(form: form) unless sheet
        redirect to("/drawer#sheet-#{sheet.id}"), 303
      end
    end

    # what is gone from them
    def self.areas(app)
      app.post "/drawer/:id/gone" do
        sheet = StockSheet.find(params["id"])
        box = %w[x y width height].map { |side| Float(params[side], exception: false) }
        unless box.all? && box.last(2).all?(&:positive?)
          halt 422, drawer_page(refusal: "The area did not come through. Draw it again.")
        end
        x, y, width, height = box
        refusal = Actions::KeepSheets.mark_gone(
          sheet,
          [[x, y], [x + width, y], [x + width, y + height], [x, y + height]]
        )
        halt 422, drawer_page(refusal: refusal.sentence) if refusal
        redirect to("/drawer#sheet-#{sheet.id}"), 303
      end
    end

    # unmarked, wiped, put away, brought back
    def self.states(app)
      {
        "unmark" => ->(s) { Actions::KeepSheets.unmark(s) },
        "wipe" => ->(s) { Actions::KeepSheets.wipe(s) },
        "away" => ->(s) { Actions::KeepSheets.put(s, "gone") },
        "back" => ->(s) { Actions::KeepSheets.put(s, "here") }
      }.each do |verb, act|
        app.post "/drawer/:id/#{verb}" do
          act.call(StockSheet.find(params["id"]))
          redirect to("/drawer"), 303
        end
      end
    end

    private_class_method :sheets, :areas, :states
  end
end
