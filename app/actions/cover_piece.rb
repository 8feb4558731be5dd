# frozen_string_literal: true

module Actions
  # Makes a mark fill its piece, moves the artwork behind the piece's outline, or lets it be a mark among bare ground.
  module CoverPiece
    REMEMBERED = 40

    module_function

    # @param cover [UpClose::Covering::Cover]
    # @raise [UpClose::Error] when nothing of the piece is left
    # @param pins [Hash{String => Array(Float, Float)}] places of the picture, by the feature each is held to
    def call(mark, cover, now, pins: {})
      ApplicationRecord.change do
        mark.lock!
        was = mark.cover
        mark.cover = cover.to_h.transform_keys(&:to_s).merge("earlier" => earlier(was), "pins" => pins)
        mark.cutting_kept = {} unless was
        mark.covering.settle(now)
        mark.change
      end
    end

    # holds a place of the picture to a feature of the body, with those that are held already
    # @param feature [Integer] its number  @param point [UpClose::Geometry::Point] mm on the piece, where it is now
    def pin(mark, feature, point, now)
      covering = mark.covering
      on = UpClose::Covering::Pins.on_picture(covering.cover, point)
      pins = covering.pins.merge(feature.to_s => on.to_a)
      call(mark, covering.pinned(pins), now, pins: pins)
    end

    # @param form [Forms::CoverForm] gets the refusal
    # @return [Boolean] whether it was refused
    def try(mark, form, now)
      return true unless form.ok?
      call(mark, form.cover, now)
      false
    rescue UpClose::Error => error
      form.refuse(error, :edge)
      mark.reload
      true
    end

    # @return [Array<Hash>] how it lay before, the last move last
    def earlier(was) = was ? (was.fetch("earlier", []) + [was.except("earlier")]).last(REMEMBERED) : []

    # @return [Boolean] whether there was anything to take back
    def undo(mark, now)
      *rest, last = mark.cover.to_h.fetch("earlier", [])
      return false unless last
      ApplicationRecord.change do
        mark.lock!
        mark.cover = last.merge("earlier" => rest)
        mark.covering.settle(now)
        mark.change
      end
      true
    end

    # as it would lie if it had just been added
    def uncover(mark)
      ApplicationRecord.change do
        mark.lock!
        mark.assign_attributes(cover: nil, prepared: nil, cutting_kept: {}, earlier_places: [])
        mark.forget_design
        to = FirstPlace.call(mark, nil)
        mark.assign_attributes(width_mm: to.width_mm, x_mm: to.x_mm, y_mm: to.y_mm, turn_deg: 0.0)
        mark.change
      end
    end
  end
end
