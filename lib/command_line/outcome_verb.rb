# frozen_string_literal: true

require "json"
require "command_line/options"
require "command_line/sized_artwork"
require "shelves/photo_in"

module CommandLine
  # up-close outcome: what a photo shows of a mark, laid over what was printed.
  class OutcomeVerb
    USAGE = "up-close outcome PHOTO ARTWORK --width 40mm"

    def initialize(arguments)
      @options, (@photo, @file, *extra) = Options.read(
        arguments, usage: USAGE, names: %w[width height cap-height text font]
      )
      raise WrongUse, "Give a photo and an artwork: #{USAGE}." if @photo.nil? || extra.any?
      @sized = SizedArtwork.new(@file, @options)
      @sized.check_use(USAGE, [])
    end

    # @return [String] JSON
    def call
      image = Shelves::PhotoIn.image(File.binread(@photo), most_px: 2400)
      outcome = UpClose::Outcomes::Outcome.new(image, @sized.artwork, width_mm: @sized.width_mm)
      JSON.pretty_generate(rounded(outcome.to_h))
    end

    private

    def rounded(value)
      case value
      when Hash then value.transform_values { |inner| rounded(inner) }
      when Array then value.map { |inner| rounded(inner) }
      when Float then value.round(4)
      else value
      end
    end
  end
end
