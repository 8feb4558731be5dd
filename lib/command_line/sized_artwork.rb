# frozen_string_literal: true

require "shelves/font_shelf"

module CommandLine
  # An artwork file or a text, and its size, as verbs are given them.
  class SizedArtwork
    SIZES = %i[width height cap_height].freeze

    # @param options [Hash] width, height or cap_height; text, font
    def initialize(file, options)
      @file, @options = file, options
    end

    # @raise [WrongUse]
    def check_use(usage, needed)
      missing = needed.reject { |key| @options[key] }
      raise WrongUse, "#{missing.map { |key| "--#{key}" }.join(" and ")} missing: #{usage}." if missing.any?
      raise WrongUse, "Give one of --width, --height or --cap-height." unless SIZES.one? { |key| @options[key] }
      raise WrongUse, "Give an artwork file or --text, one of the two." if @file.nil? == @options[:text].nil?
      raise WrongUse, "--cap-height goes with --text." if @options[:cap_height] && !@options[:text]
      return if @options[:printer].nil? || %w[laser inkjet].include?(@options[:printer])
      raise WrongUse, "--printer is laser or inkjet."
    end

    def artwork
      @artwork ||= @options[:text] ? words.drawing.tap { Workers.drawing } : UpClose::Artwork::Opening.call(
        File.binread(@file),
        on_draw: -> { Workers.drawing }
      )
    end

    def ink = @ink ||= artwork.ink

    def width_mm
      return length(:width) if @options[:width]
      @options[:height] ? length(:height) / ink.aspect : length(:cap_height) * ink.box.width
    end

    # @return [Hash, nil] heights of the letters at this size
    def lettering
      return unless @options[:text]
      cap = width_mm / ink.box.width
      {cap_mm: cap, x_mm: cap * words.x_height_ratio, small: @options[:text].match?(/\p{Ll}/)}
    end

    # of lettering, x height ÷ cap height
    def x_height_ratio = words.x_height_ratio

    def title = @options[:text] || File.basename(@file, ".*")

    private

    def words
      @words ||= UpClose::Artwork::Lettering.new(
        Shelves::FontShelf.fetch(@options[:font] || "atkinson-hyperlegible"),
        @options[:text]
      )
    end

    def length(name) = UpClose::Measure::Length.read(@options[name], field: name).mm
  end
end
