# frozen_string_literal: true

require "up_close"

module Shelves
  # A photo that someone brought, opened in a worker.
  module PhotoIn
    module_function

    # @param corners [Array<Array(Float, Float)>, nil] shares of a photo  @param photo [Vips::Image]
    # @return [Array<Array(Float, Float)>, nil] pixels
    def pixels(corners, photo) = corners&.map { |x, y| [x * photo.width, y * photo.height] }

    # @param bytes [String]  @param most_px [Integer, nil] no side longer than this
    # @return [Vips::Image] upright
    # @raise [UpClose::Errors::BadShape] for what is no picture
    def image(bytes, most_px: nil)
      raise Vips::Error unless UpClose::Formats::PictureFile.kind(bytes)
      image = UpClose::Formats::PictureFile.new(bytes).image
      scale = most_px ? most_px.to_f / [image.width, image.height].max : 1
      (scale < 1) ? image.resize(scale, kernel: :linear) : image
    rescue Vips::Error
      raise UpClose::Errors::BadShape.new(
        "This file cannot be read as a picture.", remedy: "Take a photo as JPEG or PNG.", field: :photo
      )
    end
  end
end
