# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # Which of some fonts comes nearest to a word in a photo. Both are made
    # upright and the same size; what they share, over what either covers, is the
    # likeness (P. Jaccard, 1901), less for another breadth.
    class Likeness
      HIGH_PX = 56
      WIDEST_PX = 600
      SLANTS = (-24..24).step(6).to_a.freeze

      # One font's likeness, 0 … 1; slant in degrees to give its upright letters; breadth photo ÷ font. Frozen.
      Match = Value.define(:face, :likeness, :slant_deg, :breadth, :outline)

      # @param picture [Picture] the crop  @param text [String] what it reads
      # @raise [Errors::BadArtwork]
      def initialize(picture, text)
        @text = text.to_s.strip
        if @text.empty?
          raise Errors::BadArtwork.new(
            "Type the word.",
            remedy: "Type it exactly as in the photo.",
            field: :word
          )
        end
        @photo = word(picture)
        @slant = slant(@photo)
        @upright = upright(@photo, @slant)
      end

      # @param faces [Array<Face>]
      # @return [Array<Match>] likest first; faces that lack the letters are left out
      def ranked(faces) = faces.filter_map { |face| match(face) }.sort_by { |m| -m.likeness }

      private

      # dark on light or light on dark, as the border says
      def word(picture)
        grey = picture.grey
        level = Preparing::Threshold.otsu(grey)
        edge = [grey.crop(0, 0, grey.width, 1), grey.crop(0, grey.height - 1, grey.width, 1)].sum(&:avg) / 2
        mask = Graphics::Pixels.held((edge > level) ? grey <= level : grey > level)
        trimmed(mask) || raise(Errors::BadArtwork.new(
          "No word can be found in this picture.",
          remedy: "Crop it closer, with even ground behind the word.",
          field: :photo
        ))
      end

      # the mask's own box, HIGH_PX high
      def trimmed(mask)
        columns, rows = mask.project.map { |line| line.to_a.flatten }
        left, top = columns.index { |n| n > 255 }, rows.index { |n| n > 255 }
        return unless left && top
        width, height = columns.rindex { |n| n > 255 } + 1 - left, rows.rindex { |n| n > 255 } + 1 - top
        return if width < 8 || height < 8
        scale = [HIGH_PX / height.to_f, WIDEST_PX / width.to_f].min
        Graphics::Pixels.held(mask.crop(left, top, width, height).resize(scale) > 127)
      end

      # the slant that makes upright strokes stand in the fewest columns
      def slant(mask)
        near = SLANTS.max_by { |degrees| sharpness(upright(mask, degrees)) }
        [near - 3, near, near + 3].max_by { |degrees| sharpness(upright(mask, degrees)) }
      end

      def sharpness(mask) = mask.project.first.to_a.flatten.sum { |n| (n / 255.0)**2 }

      def upright(mask, degrees)
        return mask if degrees.zero?
        shear = Math.tan(degrees * Math::PI / 180)
        reach = (mask.height * shear.abs).ceil
        room = mask.embed(reach, 0, mask.width + 2 * reach, mask.height)
        trimmed(room.affine(
          [1, shear, 0, 1],
          oarea: [0, 0, room.width, room.height],
          odx: -shear * mask.height / 2,
          background: [0]
        ) > 127) ||
          mask
      end

      def match(face)
        drawing = Lettering.new(face, @text).drawing
        box = drawing.ink.box
        drawn = trimmed(
          Graphics::Pixels.held(Formats::SVG::Raster.call(drawing, frame: box, scale: HIGH_PX / box.height)[0] < 128)
        ) or return
        own = slant(drawn)
        font = upright(drawn, own)
        breadth = (@upright.width / @upright.height.to_f) / (font.width / font.height.to_f)
        Match.new(face, shared(font) * [breadth, 1 / breadth].min**0.5, @slant - own, breadth, drawing)
      rescue Errors::MissingLetters
        nil
      end

      # over the same box
      def shared(font)
        same = font.resize(@upright.width / font.width.to_f, vscale: @upright.height / font.height.to_f) > 127
        same = same.embed(0, 0, @upright.width, @upright.height)
        both, either = (same & @upright).avg, (same | @upright).avg
        either.zero? ? 0.0 : both / either
      end
    end
  end
end
