# frozen_string_literal: true

require "vips"

module UpClose
  module Artwork
    # Artwork made of pixels. Keeps the bytes as they came; never resampled
    # below its own pixels on the way to paper. Frozen but for what it has read.
    class Picture
      attr_reader :bytes, :notes, :mm_per_unit

      # @param bytes [String] a file that Formats::PictureFile reads
      # @param image [Vips::Image, nil] already decoded: a rendered drawing, or what could be read of a file
      # @param mm_per_unit [Float, nil] its own true size, when it has one
      def initialize(bytes, image: nil, notes: [], mm_per_unit: nil, rendered: false)
        @bytes, @rendered = bytes, rendered
        @decoded = image
        @mm_per_unit = mm_per_unit
        @notes = notes.freeze
      end

      # a picture that was worked out, not read
      # @param image [Vips::Image] grey or sRGB
      def self.made(image, notes: [])
        held = Graphics::Pixels.held(image.cast(:uchar).copy(interpretation: (image.bands < 3) ? :"b-w" : :srgb))
        new("".b, image: held, notes: notes)
      end

      PNG = "\x89PNG\r\n\x1A\n".b.freeze

      def kind = :picture

      # @return [Vips::Image] one band
      def grey = (image.bands > 2) ? Graphics::Pixels.held(image.colourspace(:"b-w")[0]) : image[0]

      def vector? = false

      # made of a drawing, which can be rendered again, finer
      def rendered? = @rendered

      # @return [Vips::Image] upright, sRGB or grey, 8 bit, on white
      def image
        @image ||= Graphics::Pixels.held(flat(read))
      end

      # @return [Vips::Image] the same with what is clear still clear
      def layered
        fresh = read
        fresh.has_alpha? ? Graphics::Pixels.held(eight_bit(fresh)) : image
      end

      # @return [Ink, nil] in pixels; nil when the picture is all white
      def ink = @ink ||= came_packed? ? ink_of_kind(Kind.of(self)) : InkOfPixels.call(image)

      # whether packing can have damaged it: a PNG is packed without loss, and what was rendered or worked out was not
      def lossy? = came_packed? && !bytes.start_with?(PNG)

      # as it was measured when it was first opened
      # @return [Picture] itself
      def with_ink(ink) = tap { @ink = ink if ink }

      # all of it as a PNG of our own, what is clear still clear
      # @return [String]
      def plain_bytes = layered.pngsave_buffer(compression: 1, strip: true)

      # the ink's own box as a plain PNG: what goes to paper
      # @return [String]
      def print_png = @print_png ||= as_it_came || cropped

      # worked out once: it never changes
      # @yield to work it out
      def kept(name) = (@kept ||= {}).fetch(name) { @kept[name] = yield }

      # as a Drawing has it
      def worked_out = (@kept || {}).select { |name, _| name.is_a?(Array) }

      # @param known [Hash] what was worked out of it elsewhere  @return [Picture] itself
      def told(known) = tap { (@kept ||= {}).merge!(known) }

      # @param page [#picture] a writer's page  @param place [Hash] as Items::Mark gives it
      def draw_on(page, **place) = page.picture(self, **place)

      private

      # what was rendered or worked out has no damage from packing
      def came_packed? = !rendered? && !@bytes.empty?

      # a PNG is packed without loss: however pale, what lies beside its ink is meant
      def ink_of_kind(kind)
        InkOfPixels.call(image, palest: (kind.palest if lossy?), paper: kind.paper)
      end

      # a plain PNG that is ink from edge to edge needs no packing again
      def as_it_came
        whole = ink.box.to_a == [0, 0, image.width, image.height]
        bytes if whole && @decoded.nil? && bytes.start_with?(PNG) && Formats::PNG::Chunks.new(bytes).plain?
      end

      def cropped = image.crop(*ink.box.to_a.map(&:to_i)).pngsave_buffer(compression: 1, strip: true)

      def read = @decoded || Formats::PictureFile.new(@bytes).image

      def eight_bit(image)
        image = image.icc_transform("srgb", embedded: true) if image.interpretation == :cmyk
        image.colourspace((image.bands < 3) ? :"b-w" : :srgb).cast(:uchar)
      end

      def flat(image)
        image = eight_bit(image)
        image.has_alpha? ? image.flatten(background: [255] * (image.bands - 1)).cast(:uchar) : image
      end
    end
  end
end
