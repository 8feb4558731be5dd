# frozen_string_literal: true

module UpClose
  module Formats
    module PDF
      # Puts a plain PNG into a document with its pixel data as they are packed:
      # PDF's Flate filter takes PNG's own rows (ISO 32000-1, 7.4.4.4).
      module PictureObject
        module_function

        # @param document [Prawn::Document]
        # @param png [String] plain, as Picture#print_png gives
        # @return [PDF::Core::Reference]
        def call(document, png)
          chunks = PNG::Chunks.new(png)
          object = document.ref!(
            Type: :XObject, Subtype: :Image, Width: chunks.width, Height: chunks.height, BitsPerComponent: 8,
            ColorSpace: (chunks.colours == 3) ? :DeviceRGB : :DeviceGray, Filter: :FlateDecode,
            DecodeParms: {Predictor: 15, Colors: chunks.colours, BitsPerComponent: 8, Columns: chunks.width}
          )
          chunks.named("IDAT").each { |data| object.stream << data }
          object
        end
      end
    end
  end
end
