# frozen_string_literal: true

module Routes
  # The sheet drawer.
  module Drawer
    # what only these routes need
    module Helping
      # more sheets than this are shown a kind at a time
      MOST_AT_ONCE = 24

      # @return [Hash{Array(String, String) => Integer}] stock and printer → how many sheets of it are here
      def sheet_kinds = StockSheet.where(state: "here").order(:stock, :printer).group(:stock, :printer).count

      # the kind that is asked for, where there are too many to show them all
      # @return [Helpers::Paged]
      def sheets_shown(kinds)
        few = kinds.values.sum <= MOST_AT_ONCE
        kind = [params["stock"], params["printer"]].then { |asked| kinds.key?(asked) ? asked : kinds.keys.first }
        scope = few ? StockSheet.here : StockSheet.suiting(*kind)
        Helpers::Paged.new(scope, params["page"], size: MOST_AT_ONCE)
      end

      def drawer_page(form: nil, refusal: nil)
        kinds = sheet_kinds
        page :"drawer/index",
          here: :drawer,
          title: "Sheet drawer",
          kinds: kinds, sheets: sheets_shown(kinds),
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
