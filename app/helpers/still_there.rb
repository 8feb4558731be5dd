# frozen_string_literal: true

require "io/wait"
require "socket"

module Helpers
  # Whether whoever asked still waits for the answer: a browser that went elsewhere has closed its end.
  module StillThere
    SOCKET = "puma.socket"

    module_function

    # @param env [Hash] of a request
    # @return [Boolean] true where that cannot be told
    def ask(env)
      io = env[SOCKET]&.to_io
      return true unless io&.wait_readable(0)
      !io.recv_nonblock(1, ::Socket::MSG_PEEK).to_s.empty?
    rescue IO::WaitReadable
      true
    rescue SystemCallError, IOError
      false
    end
  end
end
