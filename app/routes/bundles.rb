# frozen_string_literal: true

module Routes
  # A job as one file, to another shop and from one.
  module Bundles
    # what only these routes need
    module Helping
      # @return [String] path of the file that was chosen
      # @raise [UpClose::Error]
      def bundle_sent
        file = Forms::SentFile.of(params["bundle"]) or
          raise UpClose::Error.new("Choose a bundle first.", field: :bundle)
        file.path
      end
    end

    def self.registered(app)
      app.helpers Helping

      app.post "/jobs/bundle" do
        job = Actions::BringJob.call(bundle_sent, now)
        redirect to("/jobs/#{job.id}"), 303
      rescue UpClose::Error => error
        halt 422, jobs_page(refusal: error.sentence)
      end

      app.post "/jobs/:id/bundle" do
        job = Job.find(params["id"])
        download(Actions::BundleJob.call(job, now), "application/zip", "#{job.title}.up-close-job.zip")
      end
    end
  end
end
