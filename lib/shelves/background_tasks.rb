# frozen_string_literal: true

module Shelves
  # Long work that goes on while pages are looked at: how far it is, whether it is
  # to stop. Kept in memory: what is under way when the app stops leaves no trace.
  class BackgroundTasks
    # One piece of work.
    Task = Struct.new(:share, :stopped, :done, :outcome, :thread, :doing) do
      # told how far it is, and what it is doing in words; answers whether to go on
      def at(share, doing = nil)
        self.share, self.doing = share, doing
        !stopped
      end
    end

    def initialize
      @tasks, @lock = {}, Mutex.new
    end

    # what has ended and nobody came for is forgotten, the oldest first, beyond so many
    MOST_KEPT = 40

    # begins it, unless the same is going on already
    # @yield [Task] its value becomes the outcome
    # @return [Task]
    def start(key)
      @lock.synchronize do
        going = @tasks[key]
        next going if going && !going.done
        forget_the_oldest
        @tasks[key] = Task.new(0.0, false, false).tap { |task|
          task.thread = Thread.new { carry_out(task) { yield task } }
        }
      end
    end

    # @return [Task, nil]
    def [](key) = @lock.synchronize { @tasks[key] }

    # what has ended is told once
    # @return [Object, nil] its outcome
    def take(key) = @lock.synchronize { @tasks.delete(key)&.outcome if @tasks[key]&.done }

    # forgotten, whatever it came to
    def drop(key) = @lock.synchronize { @tasks.delete(key) }

    def going?(key) = self[key].then { |task| !task.nil? && !task.done }

    # with the best so far
    def stop(key) = self[key]&.stopped = true

    private

    def forget_the_oldest
      ended = @tasks.select { |_, task| task.done }.keys
      ended.first([ended.size - MOST_KEPT, 0].max).each { |key| @tasks.delete(key) }
    end

    def carry_out(task)
      Thread.current.report_on_exception = true
      task.outcome = yield
    ensure
      ActiveRecord::Base.connection_handler.clear_active_connections!
      task.done = true
    end
  end
end
