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

    # fields that come as lists or tables; any other is one text, whatever is sent
    LISTS = %w[feature faults files keep layer moved steps uses with splat captures].freeze

    # @param params [Hash] changed where it stands
    def one_each(params)
      params.each do |key, value|
        next if LISTS.include?(key) || value.nil? || value.is_a?(String) || upload?(value)
        params[key] = value.is_a?(Array) ? value.grep(String).last.to_s : ""
      end
    end

    def upload?(value) = value.is_a?(Hash) && value.key?(:tempfile)

    # @return [String]
    def text(bytes) = bytes.dup.force_encoding(Encoding::UTF_8).scrub("\uFFFD").delete("\0")

    def clean_upload(upload) = upload[:filename] = upload[:filename].to_s.split(%r{[/\\]}).last.to_s
  end
end
