# frozen_string_literal: true

require "json"

module Routes
  # Letters laid over a word in the piece's photo, by hand and by themselves.
  module Words
    # what only these routes need
    module Helping
      def mark_with_photo
        find_mark(params["id"]).tap do |mark|
          redirect to("/pieces/#{mark.piece_id}/photo"), 303 unless PhotoWord.new(mark.piece).known?
        end
      end

      def word_page(mark, form: nil, fit: nil)
        word = PhotoWord.new(mark.piece)
        outline = form&.outline if form&.error(:text).nil?
        stage mark, "over", form: form, at: Presenters::WordStage.new(
          word, writer: writer, outline: outline, fit: fit, pose: laid_at(form, word, outline)
        )
      end

      # as it was laid, once it has been
      def laid_at(form, word, outline)
        return unless outline
        (form.values[:cap_mm] && form.values[:x_mm]) ? form.pose : word.beginning(outline)
      end
    end

    def self.registered(app)
      app.helpers Helping
      laying(app)
      fitting(app)
    end

    def self.laying(app)
      app.get "/marks/:id/over" do
        mark = mark_with_photo
        word_page(mark, form: params["text"] ? Forms::WordForm.new(params) : nil)
      end

      # the outline where it would lie
      app.get "/marks/:id/over/look" do
        mark = mark_with_photo
        form = Forms::WordForm.new(params)
        halt 422 unless form.ok? && form.values[:cap_mm]
        word = PhotoWord.new(mark.piece)
        at = Presenters::WordStage.new(word, writer: writer, outline: form.outline, pose: form.pose)
        content_type :json
        JSON.generate(at.told)
      end
    end

    def self.fitting(app)
      app.post "/marks/:id/over" do
        mark = mark_with_photo
        word = PhotoWord.new(mark.piece)
        form = Forms::WordForm.new(params)
        halt 422, word_page(mark, form: form) unless form.ok? && form.values[:cap_mm]
        if params["act"] == "use"
          halt 422, word_page(mark, form: form) unless Actions::SetOverWord.call(mark, form, word, now)
          redirect to("/marks/#{mark.id}/#{mark.method_key ? "place" : "method"}"), 303
        end
        fit = word.fit(form.values[:font], form.values[:text], form.pose, bent: form.bent?)
        word_page(mark, form: form, fit: fit)
      rescue UpClose::Error => error
        form.errors[:text] ||= error.sentence
        halt 422, word_page(mark, form: form)
      end
    end

    private_class_method :laying, :fitting
  end
end
