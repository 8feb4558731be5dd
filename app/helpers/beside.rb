# frozen_string_literal: true

require "securerandom"

module Helpers
  # Middleware. What someone sends may hold a file that takes long to open in a worker: then the
  # request goes on beside the page, which shows how far it is and can stop it. What it answers in
  # the end is kept for a while under the same address.
  class Beside
    TASKS = Shelves::BackgroundTasks.new
    # a page's own name for what it asks, by which it looks after it and stops it
    NAMED = "HTTP_X_UP_CLOSE_TASK"
    NAME = /\A[a-f0-9]{16,40}\z/
    LOOKED_EVERY_S = 0.05
    # requests from here on are taken two at a time
    LARGE_BYTES = 4_000_000
    LARGE = Workers::Line.new([1, 2], most: 100)
    # what a request raises that breaks off, or is no form
    BROKEN_OFF = [
      Rack::Multipart::Error,
      Rack::QueryParser::InvalidParameterError,
      Rack::QueryParser::ParameterTypeError,
      EOFError
    ].freeze

    # @param app [#call]
    # @param patience_s [#call] s; what ends sooner is answered at once
    # @param most_bytes [Integer] a request above this is not read
    def initialize(app, patience_s:, most_bytes:)
      @app, @patience_s, @most_bytes = app, patience_s, most_bytes
    end

    def call(env)
      return @app.call(env) if env["CONTENT_LENGTH"].to_i > @most_bytes
      return only_asked(env) unless named?(env) || sent_by_hand?(env)
      # read before the answer goes out: what was sent is not there for longer
      Rack::Request.new(env).params
      name = named?(env) ? env[NAMED] : SecureRandom.hex(12)
      answered_or_shown(name, started(name, env), env)
    rescue *BROKEN_OFF
      # told as any other request that breaks off
      @app.call(env)
    end

    private

    def named?(env) = NAME.match?(env[NAMED].to_s)

    # a form with its button, not what a script asks
    def sent_by_hand?(env) = env["REQUEST_METHOD"] == "POST" && env["HTTP_ACCEPT"].to_s.include?("text/html")

    # a question, which is given up when its page is left
    def only_asked(env) = in_turn(env, ->(*) { StillThere.ask(env) })

    def started(name, env)
      TASKS.start(name) { |task| in_turn(env, ->(*so_far) { told(task, *so_far) }) }
    end

    # large requests come in two at a time, since each is held in memory
    def in_turn(env, told)
      Workers.telling(told) do
        next @app.call(env) if env["CONTENT_LENGTH"].to_i < LARGE_BYTES
        LARGE.with(told) { @app.call(env) }
      end
    rescue UpClose::Errors::TooMuch, UpClose::Errors::Stopped => error
      [503, {"content-type" => "text/plain; charset=utf-8", "retry-after" => "60"}, [error.sentence]]
    end

    # the clock's seconds, and the processor's as a limit: a busy machine takes longer than it computes
    def told(task, doing, seconds, share = nil)
      limit = Workers::Limits::USUAL.cpu_s
      return task.at(0.0, doing) if doing.start_with?("in line")
      share ||= [seconds / limit, 1].min
      task.at(share, "#{doing} for #{seconds.round} s; #{limit.round} s of computing at most")
    end

    # only what a worker is busy with is shown beside the page; what a script asked is waited for, unless its page left
    def answered_or_shown(name, task, env)
      task.thread.join(@patience_s.call)
      until task.done || (task.doing && !named?(env))
        task.thread.join(LOOKED_EVERY_S)
        task.stopped = true if named?(env) && !StillThere.ask(env)
      end
      return [303, {"location" => "/underway/#{name}", "cache-control" => "no-store"}, []] unless task.done
      TASKS.drop(name)
      task.thread.value
      task.outcome
    end
  end
end
