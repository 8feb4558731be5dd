# frozen_string_literal: true

module Routes
  # The whole shop as one file, made by a button.
  module Backups
    # what only these routes need
    module Helping
      def shop_backup = @shop_backup ||= Shelves::ShopBackup.new(Settings.home)
    end

    def self.registered(app)
      app.helpers Helping

      app.post "/backups" do
        shop_backup.call(now)
        redirect to("/settings#backup"), 303
      rescue Shelves::ShopBackup::Broken, SystemCallError => error
        halt 500, page(:plain, title: "The backup was not made", says: error.message,
          way_out: "Make room on the disk, or choose another folder with bin/backup FOLDER.")
      end

      app.get "/backups/:name" do
        path = shop_backup.all.find { |file| File.basename(file) == params["name"] } || halt(404)
        headers "content-disposition" => %(attachment; filename="#{File.basename(path)}")
        send_file path, type: "application/zip"
      end
    end
  end
end
