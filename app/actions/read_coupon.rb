# frozen_string_literal: true

module Actions
  # Reads a coupon back: from a photo or a scan, by hand, or through the simulated camera.
  module ReadCoupon
    # how near a hand tells the thinnest whole line: half way to the next rung
    BY_HAND = 0.15
    MOST_PX = 2200

    module_function

    # The photo is kept in any case.
    # @param bytes [String] a picture file
    # @return [UpClose::Error, nil] the refusal
    def photo(coupon, bytes, now)
      shown = Workers.call(Shelves::OutsidePicture.new(bytes), :shown, MOST_PX)
      ApplicationRecord.change { coupon.update!(photo: Shelves::OriginalStore.new(Settings.originals).put(shown)) }
      keep(coupon, Workers.call(worker_value(coupon, bytes), :read), now, by: "photo")
      nil
    rescue UpClose::Errors::BadArtwork
      UpClose::Error.new(
        "This file cannot be read as a picture.", remedy: "Take a photo as JPEG or PNG.", field: :photo
      )
    rescue UpClose::Error => error
      error
    end

    # the photo that is kept, by corners that were tapped
    # @param form [Forms::CornersForm] gets the refusal
    # @return [Boolean]
    def corners(coupon, form, now)
      return false unless form.ok? && coupon.photo
      bytes = Shelves::OriginalStore.new(Settings.originals).get(coupon.photo)
      keep(coupon, Workers.call(worker_value(coupon, bytes), :read, **form.values.slice(:corners)), now, by: "photo")
      true
    rescue UpClose::Error => error
      form.errors[:corners] = error.sentence
      false
    end

    # @param form [Forms::CouponHandForm]
    # @return [Boolean]
    def hand(coupon, form, now)
      return false unless form.ok?
      readings = form.values[:readings].transform_values { |mm|
        {value: mm, off: mm * BY_HAND, bound: nil, working: "read by hand: #{UpClose::Working.number(mm)}"}
      }
      keep(coupon, {readings: readings, shares: {}, fields: form.values[:fields]}, now, by: "hand")
      true
    end

    # what the method leaves is not told to anyone: the simulated camera's own limits
    # @return [UpClose::Error, nil]
    def simulated(coupon, now)
      leaves = Devices::Simulated::Bench.leaves(coupon.method_key, coupon.material, coupon.id)
      before_camera = Devices::Simulated::PhotographedCoupon.new(worker_value(coupon, nil))
      taken = Workers.call(before_camera, :taken, leaves, seed: coupon.id)
      photo(coupon, taken.value!, now)
    rescue UpClose::Error => error
      error
    end

    def worker_value(coupon, bytes)
      Shelves::CouponPhoto.new(bytes: bytes, kind: coupon.kind, title: coupon.title, plan: coupon.plan_core)
    end

    def keep(coupon, told, now, by:)
      best = told[:fields] && best(coupon, told[:fields])
      ApplicationRecord.change do
        coupon.update!(
          readings: told[:readings], shares: told[:fields] || told[:shares], best: best,
          read_by: by, read_at: now
        )
      end
    end

    # @return [Hash, nil]
    def best(coupon, fields)
      best = UpClose::Coupons::Grid.new(coupon.plan_core, fields).best
      best.to_h.merge(working: best.working.to_s)
    end
    private_class_method :worker_value, :keep, :best
  end
end
