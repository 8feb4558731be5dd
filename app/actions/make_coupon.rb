# frozen_string_literal: true

module Actions
  # Makes a coupon for a way of doing it: a mark like any other, on a test piece of the same stuff, in a job of its own.
  module MakeCoupon
    JOB = "Coupons"
    # of the test piece round a coupon
    ROUND_MM = 4.0

    module_function

    # @param form [Forms::CouponForm]
    # @return [Coupon, nil]
    def call(form, now)
      return unless form.ok?
      values = form.values
      ApplicationRecord.change do
        coupon = Coupon.create!(
          values.slice(:kind, :method_key, :printer, :stock, :material).merge(plan: values[:plan]&.to_h)
        )
        coupon.update!(mark: mark(coupon, values, now), **printer(values[:printer]))
        coupon
      end
    rescue UpClose::Error => error
      form.refuse(error, :kind)
      nil
    end

    def printer(kind)
      known = Printer.for(kind)
      {printer_name: known&.name, cartridge: known&.cartridge}
    end

    NOTE = "Printed tests: the finest lines that each method holds here."
    private_constant :NOTE

    def job
      Job.find_or_create_by!(title: JOB) { |job| job.note = NOTE }
    end

    def mark(coupon, values, now)
      drawn = coupon.to_core
      mark = SavePiece.new_mark(piece(coupon, drawn, values), 0.0)
      artwork(mark, coupon, drawn)
      choose(mark, coupon)
      mark.change(width_mm: mark.artwork.natural_width_mm, x_mm: 0, y_mm: 0, placed_at: now)
      mark
    end

    def piece(coupon, drawn, values)
      job.pieces.create!(
        name: "coupon #{coupon.id}", shape: "rectangle", count: 1, uses: [], more_colours: [],
        measures: {width_mm: drawn.width_mm + 2 * ROUND_MM, height_mm: drawn.height_mm + 2 * ROUND_MM},
        material: values[:material], finish: values[:finish],
        colour: UpClose::Materials.material(values[:material]).colour
      )
    end

    def artwork(mark, coupon, drawn)
      AddArtwork.drawn(
        mark, drawn.svg, name: "Coupon #{coupon.id}", file_name: "coupon-#{coupon.id}.svg",
        source: "drawn by Up Close"
      )
    end

    def choose(mark, coupon)
      known = UpClose::Methods.fetch(coupon.method_key)
      ChooseMethod.set(
        mark, method_key: coupon.method_key, printer: coupon.printer, stock: coupon.stock, reading: "auto",
        picked: known.choices.to_h { |choice| [choice.key.to_s, choice.pick_for(nil).to_s] }
      )
    end
    private_class_method :printer, :job, :mark, :piece, :artwork, :choose
  end
end
