# frozen_string_literal: true

module Helpers
  # Every part of a form as UTF-8 text, once, at the edge: bytes that are none are replaced,
  # a NUL is dropped, and of a file's name what a folder could be.
  module TextIn
    module_function

    # @param value [Hash, Array, String, Object] changed where it stands; an upload is a Hash with its :tempfile
    # @return [Object] itself
    def clean(value)
      case value
      when Hash then value.transform_values! { |part| clean(part) }.tap { |hash| clean_upload(hash) if hash[:tempfile] }
      when Array then value.map! { |part| clean(part) }
      when String then text(value)
      else value
      end
    end

    # @return [String]
    def text(bytes) = bytes.dup.force_encoding(Encoding::UTF_8).scrub("\uFFFD").delete("\0")

    def clean_upload(upload) = upload[:filename] = upload[:filename].to_s.split(%r{[/\\]}).last.to_s
  end
end
