# frozen_string_literal: true

module Routes
  # Two flanks of one body, and what both agree on.
  module Flanks
    # what only these routes need
    module Helping
      def mark_with_flanks
        find_mark(params["id"]).tap do |mark|
          redirect to("/marks/#{mark.id}/place"), 303 unless mark.artwork && mark.shape_core.flanks?
        end
      end

      # where a mark is moved about
      def place_of(mark)
        return "/marks/#{mark.id}/artwork" unless mark.artwork
        "/marks/#{mark.id}/#{mark.covering.any? ? "cover" : "place"}"
      end
    end

    def self.registered(app)
      app.helpers Helping
      pairs(app)
      laying(app)
      features(app)
    end

    # the other flank, made and let go
    def self.pairs(app)
      app.post "/marks/:id/flanks" do
        mark = mark_with_flanks
        other = mark.other_flank || Actions::PairFlanks.call(mark, own: params["own"] == "1")
        redirect to(place_of(other)), 303
      end

      app.post "/marks/:id/flanks/part" do
        mark = mark_with_flanks
        Actions::PairFlanks.part(mark)
        redirect to(place_of(mark)), 303
      end
    end

    # both on sheets
    def self.laying(app)
      app.post "/marks/:id/flanks/lay" do
        mark = mark_with_flanks
        redirect to("/marks/#{mark.id}/method"), 303 unless mark.method_key
        typed = {
          "copies" => mark.copies_wanted.to_s, "paper" => mark.paper, "nested" => "1", "leftovers" => "1",
          "with" => [mark.other_flank].compact.map { |other| other.id.to_s }
        }
        form = Forms::SheetForm.new(typed, unit: unit)
        halt 422, sheet_stage(mark, form: form) unless Actions::LaySheet.call(mark, form, now)
        redirect to("/marks/#{mark.id}/sheet"), 303
      end
    end

    # pinned to the body, and a picture held to them
    def self.features(app)
      app.post "/marks/:id/features" do
        mark = mark_with_flanks
        form = Forms::FeaturesForm.new(params, shape: mark.piece.to_core, unit: unit)
        halt 422, cover_page(mark, features: form) unless form.ok?
        Actions::SavePiece.features(mark.piece, form.features)
        redirect to(place_of(mark)), 303
      end

      app.post "/marks/:id/cover/pin" do
        mark = covering_mark
        feature, x, y = %w[feature x_mm y_mm].map { |key| Float(params[key], exception: false) }
        halt 400 unless feature && x && y && mark.covering.features[feature.to_i]
        Actions::CoverPiece.pin(mark, feature.to_i, UpClose::Geometry::Point[x, y], now)
        told_cover(mark, mark.covering)
      end
    end

    private_class_method :pairs, :laying, :features
  end
end
