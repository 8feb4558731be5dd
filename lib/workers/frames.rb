# frozen_string_literal: true

module Workers
  # Values on a pipe, each after its length: four bytes, the most significant first.
  module Frames
    HEAD = 4
    MOST_BYTES = 400_000_000

    module_function

    # @param value [Object] that Marshal takes
    def write(io, value)
      body = Marshal.dump(value)
      io.write([body.bytesize].pack("N"), body)
      io.flush
    end

    # waits for one
    # @return [Object, nil] nil at the end of the pipe
    def read(io)
      head = io.read(HEAD)
      return if head.nil? || head.bytesize < HEAD
      body = io.read(head.unpack1("N"))
      Marshal.load(body) if body # rubocop:disable Security/MarshalLoad
    end

    # Takes whole frames off the front of what has come so far.
    # @param buffer [String] changed
    # @return [Array<Object>]
    def take(buffer)
      frames = []
      while buffer.bytesize >= HEAD && buffer.bytesize >= HEAD + (length = buffer.unpack1("N"))
        raise IOError, "a frame of #{length} bytes" if length > MOST_BYTES
        frames << Marshal.load(buffer.byteslice(HEAD, length)) # rubocop:disable Security/MarshalLoad
        buffer.replace(buffer.byteslice(HEAD + length, buffer.bytesize))
      end
      frames
    end
  end
end
