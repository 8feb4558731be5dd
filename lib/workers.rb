# frozen_string_literal: true

require "io/wait"
require "up_close"
require "workers/limits"
require "workers/frames"
require "workers/usage"
require "workers/watched"
require "workers/worker"
require "workers/pool"
require "workers/child"

# What comes from outside is opened apart from the server: in processes with limits of time,
# memory and CPU, which are killed when they go over.
module Workers
  @lock = Mutex.new

  class << self
    # set in a worker: the piece of work that this process is for
    attr_writer :here

    # @see Pool#call
    def call(...) = pool.call(...)

    # true in a process that is a worker itself
    def here? = !@here.nil?

    # says that reading is done; in a worker it moves on to the longer limit
    def drawing(what = "drawing") = @here&.drawing(what)

    def pool = @lock.synchronize { @pool ||= Pool.new.tap { |pool| at_exit { pool.close } } }
  end
end
