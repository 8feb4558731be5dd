# frozen_string_literal: true

module Presenters
  # What a curved piece's unrolled shape is, in a maker's words.
  module UnrolledWords
    module_function

    def call(shape, writer)
      case shape.key
      when "cylinder" then "A plain rectangle, once round and as high as the piece. No strain."
      when "cup"
        "A ring sector of #{writer.with_unit(shape.outer)} outside, #{writer.with_unit(shape.inner)} inside, " \
        "#{UpClose::Working.number(shape.angle_deg, 1)}°. Straight artwork is bent onto it, or it climbs. No strain."
      when "dome" then dome(shape, writer)
      when "loft" then loft(shape)
      end
    end

    def dome(shape, writer)
      flat = ->(key) { writer.with_unit(2 * shape.largest_flat(UpClose::Surfaces::Strain.fetch(key).share)) }
      "A disc over the curve. Flat film lies without wrinkles up to #{flat["film"]} across, with softener " \
      "#{flat["softened"]}, paper #{flat["paper"]}, foil #{flat["foil"]} (starting values). " \
        "All of it needs #{shape.figures[:gores]} gores."
    end

    def loft(shape)
      worst = shape.strains.max_by(&:last)
      "Two panels, left and right, each half a girth wide. Most strain between #{UpClose::Working.number(worst[0])} " \
      "and #{UpClose::Working.number(worst[1])} mm: " \
        "#{UpClose::Working.number(worst[2] * 100)} % along the back and belly. " \
        "#{UpClose::Surfaces::Strain.words(worst[2])}"
    end
  end
end
