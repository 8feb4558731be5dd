# frozen_string_literal: true

module Routes
  # Kinds of paper and film, and prices here.
  module Stock
    # what only these routes need
    module Helping
      def stock_page(forms = {}, supply = nil)
        page :"stock/index",
          here: :drawer,
          title: "Stock",
          stocks: UpClose::Sheets::Stock.all,
          supplies: UpClose::Costing.supplies,
          facts: StockFact.all.index_by(&:stock),
          forms: forms,
          left: StockSheet.here.group(:stock).count,
          supply: supply,
          prices: SupplyPrice.all.index_by(&:supply)
      end
    end

    def self.registered(app)
      app.helpers Helping
      stock(app)
      supplies(app)
    end

    # what stock costs
    def self.stock(app)
      app.get("/stock") { stock_page }

      app.post "/stock/:key" do
        stock = UpClose::Sheets::Stock.fetch(params["key"])
        form = Forms::StockFactsForm.new(params)
        halt 422, stock_page(stock.key => form) unless form.ok?
        ApplicationRecord.change do
          StockFact.of(stock.key).update!(form.values.slice(:pack_cents, :pack_sheets, :uses, :supplier, :batch))
        end
        redirect to("/stock#stock-#{stock.key}"), 303
      end
    end

    # what supplies cost
    def self.supplies(app)
      app.post "/supplies" do
        form = Forms::SupplyPriceForm.new(params)
        halt 422, stock_page({}, form) unless form.ok?
        ApplicationRecord.change do
          SupplyPrice.find_or_initialize_by(supply: form.values[:supply])
            .update!(form.values.slice(:pack_cents, :pack_amount))
        end
        redirect to("/stock#prices"), 303
      end
    end

    private_class_method :stock, :supplies
  end
end
