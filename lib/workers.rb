# frozen_string_literal: true

require "io/wait"
require "up_close"
require "workers/limits"
require "workers/frames"
require "workers/usage"
require "workers/watched"
require "workers/worker"
require "workers/line"
require "workers/pool"
require "workers/child"

# What comes from outside is opened apart from the server: in processes with limits of time,
# memory and CPU, which are killed when they go over.
module Workers
  @lock = Mutex.new

  class << self
    # set in a worker: the piece of work that this process is for
    attr_writer :here

    # @!attribute letting_go [Proc, nil] what a thread gives back before it waits for a worker
    attr_writer :letting_go

    # @see Pool#call; without a block, as the thread is telling
    def call(receiver, verb, *arguments, **named, &told)
      @letting_go&.call
      pool.call(receiver, verb, *arguments, **named, &told || Thread.current.thread_variable_get(:told))
    end

    # What this thread asks of workers is told so, and can be stopped, without everything between knowing of it.
    # @param told [Proc] as Pool#call's block
    def telling(told)
      Thread.current.thread_variable_set(:told, told)
      yield
    ensure
      Thread.current.thread_variable_set(:told, nil)
    end

    # Runs this very process's further work in a child, within limits: where there is but one thing to
    # do, as on the command line, and nothing has been drawn yet.
    # @yield in the child, to its exit code
    # @return [Integer] that code
    # @raise [UpClose::Errors::TooMuch]
    def in_child(limits: Limits::USUAL)
      child = fork { exit!(yield.tap { [$stdout, $stderr].each(&:flush) }) }
      watched = Watched.new(limits, pid: child)
      until (ended = Process.wait2(child, Process::WNOHANG))
        watched.check!
        sleep Watched::LOOKED_EVERY_S
      end
      ended.last.exitstatus || raise(Watched.broken)
    rescue UpClose::Errors::TooMuch
      kill(child) unless ended
      raise
    end

    # In a worker: how far it is. Work that says so can end early: then it is told to, not killed, and answers what it
    # has come to.
    # @param share [Float] 0..1
    # @return [Boolean] whether to go on
    def went_on(share) = @here.nil? || @here.went_on(share)

    # says that reading is done; in a worker it moves on to the longer limit
    def drawing(what = "drawing") = @here&.drawing(what)

    def kill(child)
      Process.kill(:KILL, child)
      Process.wait(child)
    rescue Errno::ESRCH, Errno::ECHILD
      nil
    end
    private :kill

    def pool = @lock.synchronize { @pool ||= Pool.new.tap { |pool| at_exit { pool.close } } }
  end
end
