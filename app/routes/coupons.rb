# frozen_string_literal: true

module Routes
  # Coupons: made, printed like any mark, read; and the limits that come of them.
  module Coupons
    MOST_BYTES = 60 * 1024 * 1024

    # what only these routes need
    module Helping
      def coupon_page(coupon, form: nil, refusal: nil, corners: nil)
        page :"coupons/show", here: :coupons, title: "Coupon #{coupon.id}", coupon: coupon, form: form,
          refusal: refusal, corners: corners, at: Presenters::CouponPage.new(coupon, now: now)
      end

      def limits_page(form: nil)
        page :"coupons/index", here: :coupons, title: "Limits and coupons", form: form,
          at: Presenters::LimitsPage.new(now: now)
      end

      def find_coupon = Coupon.preload(mark: [:artwork, :runs, {piece: :job}]).find(params["id"])

      # @return [String, nil] bytes of an uploaded photo
      def sent_photo
        Forms::SentFile.of(params["photo"])&.bytes(MOST_BYTES)
      end
    end

    def self.registered(app)
      app.helpers Helping
      all(app)
      one(app)
      reading(app)
      by_hand(app)
    end

    # all of them, and what is known
    def self.all(app)
      app.get "/limits" do
        wanted = params.slice("kind", "method_key", "across", "down")
        limits_page(form: wanted.empty? ? nil : Forms::Prefilled.new(wanted))
      end

      app.post "/coupons" do
        form = Forms::CouponForm.new(params)
        coupon = Actions::MakeCoupon.call(form, now)
        halt 422, limits_page(form: form) unless coupon
        redirect to("/coupons/#{coupon.id}"), 303
      end
    end

    # one of them
    def self.one(app)
      app.get("/coupons/:id") { coupon_page(find_coupon) }

      app.get "/coupons/:id/drawing.svg" do
        content_type "image/svg+xml"
        find_coupon.to_core.svg
      end

      app.get "/coupons/:id/photo" do
        name = find_coupon.photo or halt(404)
        cache_control :private, max_age: 31_536_000
        content_type "image/jpeg"
        Shelves::OriginalStore.new(Settings.originals).get(name)
      end
    end

    # what came of it
    def self.reading(app)
      app.post "/coupons/:id/photo" do
        coupon = find_coupon
        bytes = sent_photo
        halt 422, coupon_page(coupon, refusal: "Choose a photo or a scan of it.") unless bytes
        refusal = Actions::ReadCoupon.photo(coupon, bytes, now)
        halt 422, coupon_page(coupon, refusal: refusal.sentence) if refusal
        redirect to("/coupons/#{coupon.id}"), 303
      rescue UpClose::Error => error
        halt 422, coupon_page(coupon, refusal: error.sentence)
      end

      app.post "/coupons/:id/camera" do
        coupon = find_coupon
        refusal = Actions::ReadCoupon.simulated(coupon, now)
        halt 422, coupon_page(coupon, refusal: refusal.sentence) if refusal
        redirect to("/coupons/#{coupon.id}"), 303
      end
    end

    # read by hand, or by corners that were tapped
    def self.by_hand(app)
      app.post "/coupons/:id/corners" do
        coupon, form = find_coupon, Forms::CornersForm.new(params)
        halt 422, coupon_page(coupon, corners: form) unless Actions::ReadCoupon.corners(coupon, form, now)
        redirect to("/coupons/#{coupon.id}"), 303
      end

      app.post "/coupons/:id/keep" do
        coupon = find_coupon
        halt 404 unless coupon.best && coupon.mark&.method_key
        Actions::KeepSettings.call(coupon, now)
        redirect to("/methods/#{coupon.method_key}/record"), 303
      rescue UpClose::Error => error
        halt 422, coupon_page(coupon, refusal: error.sentence)
      end

      app.post "/coupons/:id/hand" do
        coupon = find_coupon
        form = Forms::CouponHandForm.new(params, coupon: coupon)
        halt 422, coupon_page(coupon, form: form) unless Actions::ReadCoupon.hand(coupon, form, now)
        redirect to("/coupons/#{coupon.id}"), 303
      end
    end

    private_class_method :all, :one, :reading, :by_hand
  end
end
