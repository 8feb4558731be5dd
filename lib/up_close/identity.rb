# frozen_string_literal: true

require "digest"

module UpClose
  # Names what is computed by exactly what it is computed from: alike values have one name, in any process and on any
  # day, and others have another. Structs and values are told by all their members; an object of another class says
  # itself what it is, by +identity+.
  module Identity
    module_function

    # @param values [Array] plain values, modules, structs, and objects that answer +identity+
    # @return [String] 40 hexadecimal digits
    # @raise [ArgumentError] for an object that does not say what it is
    def of(*values)
      told = String.new(encoding: Encoding::BINARY)
      values.each { |value| tell(value, told) }
      Digest::SHA256.hexdigest(told)[0, 40]
    end

    # each with its kind and its length, so that no two lists of values are told alike
    def tell(value, told)
      case value
      when nil, true, false then told << value.inspect
      when Integer then told << "i" << value.to_s << ";"
      # 0.0 and -0.0 are one place
      when Float then told << "f" << [value.zero? ? 0.0 : value].pack("G")
      when String then told << "s" << value.bytesize.to_s << ":" << value.b
      when Symbol then tell(value.to_s, told << "y")
      when Module then tell(value.name, told << "m")
      when Range then tell([value.begin, value.end, value.exclude_end?], told << "r")
      when Array then each_of(value, told)
      when Hash then each_of(value.map { |key, member| [key.to_s, member] }.sort_by(&:first), told << "h")
      else of_object(value, told)
      end
    end
    private_class_method :tell

    def each_of(list, told)
      told << "[" << list.size.to_s << ":"
      list.each { |member| tell(member, told) }
    end
    private_class_method :each_of

    def of_object(value, told)
      raise ArgumentError, "#{value.class} does not say what it is" unless value.is_a?(Struct) || told?(value)
      tell(value.class.name.to_s, told << "o")
      tell(told?(value) ? value.identity : value.to_a, told)
    end
    private_class_method :of_object

    def told?(value) = value.respond_to?(:identity)
    private_class_method :told?
  end
end
