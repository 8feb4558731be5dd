# frozen_string_literal: true

module Routes
  # How the shop likes things.
  module SettingsPage
    # what only these routes need
    module Helping
      def settings_page(form: nil)
        page :settings, here: :settings, title: "Settings", form: form, printers: ::Printer.at_hand.order(:id).to_a,
          zones: ShopZone.all, kept: Preference.everything,
          backups: Shelves::ShopBackup.new(Settings.home).all
      end
    end

    def self.registered(app)
      app.helpers Helping
      app.get("/settings") { settings_page }

      app.post "/settings" do
        form = Forms::SettingsForm.new(params)
        halt 422, settings_page(form: form) unless form.ok?
        form.values.each { |name, value| Preference.put((name == :hour) ? "hour_cents" : name.to_s, value.to_s) }
        ShopZone.apply
        redirect to("/settings"), 303
      end
    end
  end
end
