# frozen_string_literal: true

require "vips"

module UpClose
  module Printing
    module Calibrating
      # Finds the crosses of a page in a scan of it, to a fraction of a pixel, and
      # what the printer has made of them.
      class Scan
        DPI = (100..1200)
        MOST_PIXELS = 140_000_000
        DARK = 110
        # a part is a cross when its box is this near to square and to its size
        NEAR = 0.3
        LEAST_SHARE = 0.8
        # A4 and Letter differ by 3.5 % across: beyond this it is another paper's page
        ALIKE = (0.975..1.025)
        # a place is a cross's when it lies this near to where it is looked for
        WITHIN_MM = 2.5
        MOST_RESIDUAL_MM = 0.2

        # @param bytes [String] a picture file
        # @raise [Errors::BadShape]
        def self.read(bytes, dpi:, page:)
          header = Vips::Image.new_from_buffer(bytes, "", access: :sequential)
          if header.width * header.height > MOST_PIXELS
            raise Errors::BadShape.new(
              "This scan is #{header.width} × #{header.height} pixels, too large to check.",
              remedy: "Scan at 300 dpi.",
              field: :scan
            )
          end
          new(Graphics::Pixels.held(Vips::Image.new_from_buffer(bytes, "").autorot), dpi: dpi, page: page)
        rescue Vips::Error
          raise Errors::BadShape.new(
            "This file cannot be read as a picture.",
            remedy: "Save the scan as PNG or JPEG.",
            field: :scan
          )
        end

        # @param image [Vips::Image]  @param dpi [Numeric] of the scan  @param page [CrossPage]
        def initialize(image, dpi:, page:)
          refuse("A scan of #{dpi} dots an inch.", "Scan at 300 dpi.", :dpi) unless DPI.cover?(dpi)
          @page, @per_mm = page, dpi / 25.4
          @image = Graphics::Pixels.held(
            ((image.bands > 2) ? image.extract_band(0, n: 3).colourspace("b-w") : image.extract_band(0)).cast(:uchar)
          )
        end

        # @return [Calibration]
        # @raise [Errors::BadShape]
        def calibration
          pairs = matched
          map = Fit.call(pairs)
          residual = Math
            .sqrt(pairs.sum { |wanted, seen| (map.apply(wanted) - seen).then { |off| off.dot(off) } } / pairs.size)
          if residual > MOST_RESIDUAL_MM
            refuse("The crosses lie up to #{Working.number(residual, 2)} mm from where a printer would put them: " \
              "the scan is blurred, or the sheet was not flat.", "Scan it again, flat, at 300 dpi.", :scan)
          end
          frame = PaperEdges.new(@image, per_mm: @per_mm)
            .frame(@page.paper, near_deg: Math.atan2(map.b, map.a) * 180 / Math::PI)
          Calibration.from_map(
            frame ? map.then(frame) : map,
            known_frame: !frame.nil?,
            residual_mm: residual,
            crosses: pairs.size
          )
        end

        private

        # @return [Array<Array(Geometry::Point, Geometry::Point)>] wanted mm and found mm
        def matched
          rough = rough_map
          pairs = @page.crosses.filter_map { |wanted| nearest(rough.apply(wanted))&.then { |seen| [wanted, seen] } }
          missing = @page.crosses.size - pairs.size
          if pairs.size < @page.crosses.size * LEAST_SHARE
            refuse(
              "#{missing} of the #{@page.crosses.size} crosses are missing.",
              "Scan the whole page of crosses for this paper.",
              :scan
            )
          end
          pairs
        end

        def nearest(place)
          crosses.min_by { |p| p.distance(place) }.then { |cross| cross if cross && cross.distance(place) < WITHIN_MM }
        end

        # from the outer crosses, turned so that the block lies beside the first
        def rough_map
          check_found
          likeliest = [0, 1, 2, 3].map { |turns| Fit.call(@page.corners.zip(corners.rotate(turns))) }.min_by do |map|
            blocks.map { |b| b.distance(map.apply(@page.crosses.first + CrossPage::BLOCK_AT)) }.min
          end
          check_size(likeliest)
          likeliest
        end

        def check_found
          if crosses.size < @page.crosses.size / 2
            refuse(
              "There is no page of crosses here: #{crosses.size} crosses were found.",
              "Scan the page that Up Close printed, at the dpi you give.", :scan
            )
          end
          return if blocks.any?
          refuse(
            "The block beside the first cross was not found.", "Scan the whole page, the right side down.", :scan
          )
        end

        # @param map [Geometry::Transform]
        def check_size(map)
          sizes = [Math.hypot(map.a, map.b), Math.hypot(map.c, map.d)]
          return if sizes.all? { |s| ALIKE.cover?(s) }
          refuse(
            "The crosses lie #{Working.number(sizes.map { |s| (s - 1).abs }.max * 100, 1)} % from where this paper's " \
            "page has them.", "Choose the paper it was printed on, and the dpi it was scanned at.", :scan
          )
        end

        # top left, top right, bottom right, bottom left as they lie in the scan
        def corners
          [
            crosses.min_by { |p| p.x + p.y },
            crosses.max_by { |p| p.x - p.y },
            crosses.max_by { |p| p.x + p.y },
            crosses.min_by { |p| p.x - p.y }
          ]
        end

        def parts
          @parts ||= begin
            mask = Graphics::Pixels.held(@image < DARK)
            Artwork::Thinness::Regions.new(mask.write_to_memory, mask.width, mask.height)
              .parts(least: (0.5 * @per_mm)**2)
          end
        end

        # @return [Array<Geometry::Point>] mm
        def crosses
          @crosses ||= parts.select { |part|
            size?(part, 2 * CrossPage::ARM) && part.area < 0.35 * part.width * part.height
          }.filter_map { |part|
            CrossCentre.call(@image, part)
          }.map do |p|
            p * (1 / @per_mm)
          end
        end

        def blocks
          @blocks ||= parts.select { |part|
            size?(part, CrossPage::BLOCK) && part.area > 0.7 * part.width * part.height
          }.map do |part|
            Geometry::Point[(part.left + part.right) / 2.0, (part.top + part.bottom) / 2.0] * (1 / @per_mm)
          end
        end

        def size?(part, mm) = [part.width, part.height].all? { |px| (px / (mm * @per_mm) - 1).abs < NEAR }

        def refuse(reason, remedy, field) = raise(Errors::BadShape.new(reason, remedy: remedy, field: field))
      end
    end
  end
end
